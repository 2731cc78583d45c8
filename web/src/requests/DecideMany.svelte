<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Decision, Prospect } from '../api/types';
  import { counted } from '../common/format';
  import { inParts } from '../common/parts';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  let { ids, close, decided }: { ids: number[]; close: () => void; decided: () => void } = $props();

  const PART = 25;

  let prospects = $state<Prospect[] | null>(null);
  let outcome = $state<Decision | null>(null);
  let message = $state('');
  let done = $state(0);
  const work = new Work();

  const able = $derived(prospects?.filter((each) => each.hindered === null) ?? []);
  const unable = $derived(prospects?.filter((each) => each.hindered !== null) ?? []);

  $effect(() => {
    const all = [...ids];
    void work.do(async () => {
      prospects = await inParts(
        all,
        PART,
        (part) => answer(api.POST('/api/requests/decisions/prospects', { body: { ids: part } })),
        (found) => (done = found.length),
      );
    });
  });

  async function decide(decision: Decision) {
    const left = unable;
    const chosen = able;
    let outcomes: Prospect[] = [];
    done = 0;
    await work.do(async () => {
      await inParts(
        chosen.map(({ id, seenEdits }) => ({ id, seenEdits })),
        PART,
        (requests) =>
          answer(api.POST('/api/requests/decisions', { body: { requests, decision, message } })),
        (found) => {
          outcomes = found;
          done = found.length;
        },
      );
    });
    const unsent = chosen
      .slice(outcomes.length)
      .map((each) => ({ ...each, hindered: 'It was not decided.' }));
    prospects = [...left, ...outcomes, ...unsent];
    outcome = decision;
    decided();
  }
</script>

<SidePanel title={`Decide ${counted(ids.length, 'request')} at once`} {close}>
  {#if prospects === null}
    {#if !work.problem}<Waiting what={`Looking at each of them, ${done} of ${ids.length}`} />{/if}
  {:else if outcome === null && work.busy}
    <Waiting what={`Deciding, ${done} of ${able.length}`} />
  {:else if outcome !== null}
    <p class="mb-3 font-semibold" data-outcome>
      {counted(able.length, 'request')}
      {outcome === 'APPROVED' ? 'approved' : 'declined'}{unable.length > 0
        ? `, ${unable.length} left as they were`
        : ''}.
    </p>
  {:else}
    <p class="mb-3">
      {counted(able.length, 'request')} can be decided{unable.length > 0
        ? `; ${unable.length} cannot and will be left as they are`
        : ''}.
    </p>
  {/if}
  {#if prospects !== null}
    <ul class="sheet divide-y divide-base-300">
      {#each [...unable, ...able] as each (each.id)}
        <li
          class={['border-l-4 px-3 py-2', each.hindered ? 'border-accent' : 'border-transparent']}
        >
          <strong>{each.person || `Request ${each.id}`}</strong>
          {each.what}
          {#if each.hindered}<span class="block">{each.hindered}</span>{/if}
          {#each each.hindered === null && outcome === null ? each.cautions : [] as caution (caution)}
            <span class="quiet block text-sm">{caution}</span>
          {/each}
        </li>
      {/each}
    </ul>
  {/if}
  {#if prospects !== null && outcome === null}
    <label class="mt-4 block">
      <span class="font-semibold">Message to each of them</span>
      <textarea class="textarea mt-1 w-full" rows="2" name="message-to-many" bind:value={message}
      ></textarea>
    </label>
    <div class="mt-3 flex flex-wrap gap-3">
      <button
        class="btn btn-primary"
        disabled={work.busy || able.length === 0}
        onclick={() => void decide('APPROVED')}>Approve {able.length}</button
      >
      <button
        class="btn btn-outline"
        disabled={work.busy || able.length === 0}
        onclick={() => void decide('DECLINED')}>Decline {able.length}</button
      >
    </div>
  {/if}
  <div class="mt-3"><ProblemNote problem={work.problem} /></div>
</SidePanel>
