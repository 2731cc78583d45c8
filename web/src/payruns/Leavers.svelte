<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Leaver, Worksheet } from '../api/types';
  import { day } from '../common/format';
  import { said } from '../common/said.svelte';
  import { session } from '../frame/session.svelte';
  import CloseLeaver from './CloseLeaver.svelte';

  let { worksheet, changed }: { worksheet: Worksheet; changed: () => void } = $props();

  let leavers = $state<Leaver[]>([]);
  let closing = $state<Leaver | null>(null);

  $effect(() => {
    const path = { id: worksheet.run.id };
    answer(api.GET('/api/pay-runs/{id}/leavers', { params: { path } })).then(
      (loaded) => (leavers = loaded),
      () => (leavers = []),
    );
  });
</script>

{#if leavers.length > 0}
  <section class="sheet mb-5 border-l-4 p-3" data-leavers>
    <h2 class="mb-1">Leavers</h2>
    <ul class="space-y-1">
      {#each leavers as leaver (leaver.personId)}
        <li class="flex items-start gap-3">
          <span class="grow">{leaver.person}, last day {day(leaver.lastDay)}</span>
          {#if leaver.run?.state === 'CLOSED'}
            <a class="underline" href={`#/pay-runs/${leaver.run.id}`}
              >closed on {day(leaver.run.closedAt!)}</a
            >
            <a
              class="underline"
              href={`/api/people/${leaver.personId}/statements/${leaver.run.id}`}
              download>statement</a
            >
          {:else if leaver.lastDay <= session.current.today}
            <button class="font-semibold underline" onclick={() => (closing = leaver)}
              >Close before the others</button
            >
          {:else}
            <span class="quiet">can be closed on that day</span>
          {/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}
{#if closing}
  <CloseLeaver
    {worksheet}
    leaver={closing}
    closed={() => {
      said.say(`Closed for ${closing!.person}. The statement is ready.`);
      closing = null;
      changed();
    }}
    cancel={() => (closing = null)}
  />
{/if}
