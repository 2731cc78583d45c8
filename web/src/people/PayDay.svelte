<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Organisation } from '../api/types';
  import { counted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let {
    group,
    changed,
  }: {
    group: Organisation['payGroups'][number];
    changed: () => Promise<void>;
  } = $props();

  let days = $state<number | null>(null);
  let changing = $state(false);
  const work = new Work();

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const kept = await work.do(async () => {
      await answer(
        api.PUT('/api/organisation/pay-groups/{id}/pay-day', {
          params: { path: { id: group.id } },
          body: { paidAfter: days! },
        }),
      );
      await changed();
    });
    if (kept) {
      said.say(`${group.name}: open runs are paid on the new day.`);
      changing = false;
    }
  }
</script>

{#if !changing}
  <p class="text-sm">
    Pay day {group.paidAfter === 0
      ? 'on the period’s last day'
      : `${counted(group.paidAfter, 'day')} after the period’s last`}
    <button
      class="ml-1 underline"
      aria-label={`Change the pay day of ${group.name}`}
      onclick={() => {
        days = group.paidAfter;
        changing = true;
      }}>Change</button
    >
  </p>
{:else}
  <form class="mt-1 flex flex-wrap items-center gap-2 text-sm" onsubmit={keep}>
    <label>
      Pay day
      <input
        class="input input-sm w-16"
        type="number"
        min="0"
        max="60"
        required
        aria-label={`Days after a period’s last day, ${group.name}`}
        bind:value={days}
      />
      days after the last
    </label>
    <button class="btn btn-sm" disabled={work.busy}>Keep</button>
    <button type="button" class="underline" onclick={() => (changing = false)}>Cancel</button>
  </form>
  <p class="quiet text-sm">A Saturday or Sunday gives way to the Friday before.</p>
{/if}
<ProblemNote problem={work.problem} />
