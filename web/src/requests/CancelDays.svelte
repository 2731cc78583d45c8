<script lang="ts">
  import { untrack } from 'svelte';
  import { isPositive } from '../common/decimal';
  import { SvelteSet } from 'svelte/reactivity';
  import { answer, api } from '../api/client';
  import type { RequestDetail } from '../api/types';
  import { counted, weekdayAndDay } from '../common/format';
  import DayChoice from './DayChoice.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { detail, cancelled }: { detail: RequestDetail; cancelled: (result: RequestDetail) => void } =
    $props();

  const approved = $derived(
    detail.review.days.filter((each) => each.decision === 'APPROVED' && isPositive(each.amount)),
  );
  const asked = $derived(detail.request.cancelAsked);
  const chosen = new SvelteSet<string>(untrack(() => detail.request.cancelAsked));

  let opened = $state(untrack(() => detail.request.cancelAsked.length > 0));
  let reason = $state('');
  const work = new Work();

  function refuse() {
    void work.do(async () => {
      const params = { path: { id: detail.request.id } };
      const body = { seenEdits: detail.request.edits, reason };
      const result = await answer(
        api.POST('/api/requests/{id}/cancellation-refusal', { params, body }),
      );
      said.say('The days stand; it was told.');
      cancelled(result);
    });
  }

  async function cancel(event: SubmitEvent) {
    event.preventDefault();
    // days that cost nothing go along once no approved day that costs is left
    const days =
      chosen.size === approved.length
        ? detail.review.days.filter((each) => each.decision === 'APPROVED').map((each) => each.on)
        : [...chosen];
    await work.do(async () => {
      const result = await answer(
        api.POST('/api/requests/{id}/cancellation', {
          params: { path: { id: detail.request.id } },
          body: { seenEdits: detail.request.edits, days, reason },
        }),
      );
      said.say(`Cancelled: ${counted(chosen.size, 'day')} of ${result.request.person}.`);
      cancelled(result);
    });
  }
</script>

{#if asked.length > 0}
  <p class="mt-4 border-l-4 border-accent bg-base-200 px-3 py-1" data-cancel-asked>
    {detail.request.person.split(' ')[0]} asks to cancel {asked.map(weekdayAndDay).join(', ')}.
  </p>
{/if}
<details class="mt-4" bind:open={opened}>
  <summary class="cursor-pointer font-semibold">Cancel approved days</summary>
  <form class="mt-2 space-y-3 border-l-4 border-base-300 pl-3" onsubmit={cancel}>
    <p class="quiet text-sm">
      A cancelled day goes back to the balance. If its period is closed, the next run corrects it.
    </p>
    <DayChoice days={approved} {chosen} legend="Days to cancel" />
    <label class="block">
      <span class="font-semibold">Why</span>
      <textarea class="textarea mt-1 w-full" rows="2" name="cancel-reason" bind:value={reason}
      ></textarea>
    </label>
    <ProblemNote problem={work.problem} />
    <button class="btn btn-sm" disabled={work.busy || chosen.size === 0 || reason.trim() === ''}>
      Cancel {chosen.size === 0 ? 'the chosen days' : counted(chosen.size, 'day')}
    </button>
    {#if asked.length > 0}
      <button
        type="button"
        class="btn btn-outline btn-sm"
        disabled={work.busy || reason.trim() === ''}
        onclick={refuse}>Let them stand</button
      >
    {/if}
  </form>
</details>
