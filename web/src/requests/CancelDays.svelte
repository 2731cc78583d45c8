<script lang="ts">
  import { isPositive } from '../common/decimal';
  import { SvelteSet } from 'svelte/reactivity';
  import { answer, api } from '../api/client';
  import type { RequestDetail } from '../api/types';
  import { counted, weekdayAndDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { detail, cancelled }: { detail: RequestDetail; cancelled: (result: RequestDetail) => void } =
    $props();

  const approved = $derived(
    detail.review.days.filter((each) => each.decision === 'APPROVED' && isPositive(each.amount)),
  );
  const chosen = new SvelteSet<string>();

  let reason = $state('');
  const work = new Work();

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

<details class="mt-4">
  <summary class="cursor-pointer font-semibold">Cancel approved days</summary>
  <form class="mt-2 space-y-3 border-l-4 border-base-300 pl-3" onsubmit={cancel}>
    <p class="quiet text-sm">
      A cancelled day goes back to the balance. If its period is closed, the next run corrects it.
    </p>
    <fieldset class="flex flex-wrap gap-x-4 gap-y-1">
      <legend class="sr-only">Days to cancel</legend>
      {#each approved as each (each.on)}
        <label class="flex items-center gap-1.5">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={chosen.has(each.on)}
            onchange={() => (chosen.has(each.on) ? chosen.delete(each.on) : chosen.add(each.on))}
          />
          {weekdayAndDay(each.on)}
        </label>
      {/each}
    </fieldset>
    <label class="block">
      <span class="font-semibold">Why</span>
      <textarea class="textarea mt-1 w-full" rows="2" name="cancel-reason" bind:value={reason}
      ></textarea>
    </label>
    <ProblemNote problem={work.problem} />
    <button class="btn btn-sm" disabled={work.busy || chosen.size === 0 || reason.trim() === ''}>
      Cancel {chosen.size === 0 ? 'the chosen days' : counted(chosen.size, 'day')}
    </button>
  </form>
</details>
