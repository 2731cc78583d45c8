<script lang="ts">
  import type { Worksheet } from '../api/types';
  import { counted, day, longDay, peopleCounted } from '../common/format';
  import type { LongWork } from '../common/progress.svelte';
  import StepsDone from '../common/StepsDone.svelte';

  let {
    worksheet,
    busy,
    long,
    close,
    cancel,
  }: {
    worksheet: Worksheet;
    busy: boolean;
    long: LongWork;
    close: () => Promise<void>;
    cancel: () => void;
  } = $props();

  const sums = $derived(worksheet.sums);

  function open(dialog: HTMLDialogElement) {
    dialog.showModal();
  }
</script>

<dialog
  use:open
  onclose={cancel}
  aria-label="Close this run"
  class="m-auto max-w-lg border-t-4 border-primary bg-base-100 p-6 text-base-content backdrop:bg-black/40"
>
  <h2 class="mb-2">Close {day(worksheet.run.firstDay)} to {day(worksheet.run.lastDay)}?</h2>
  <ul class="list-disc space-y-1 pl-5">
    <li>
      {counted(sums.lines, 'line')} of {counted(sums.balances, 'balance')} and {peopleCounted(
        sums.people,
      )} are frozen and never change again.
    </li>
    <li>
      {sums.corrections === 0
        ? 'No earlier run is corrected.'
        : `Among them: ${counted(sums.corrections, 'correction')} of earlier runs.`}
      {#if sums.causes.length > 0}
        <ul class="list-disc pl-5 text-sm">
          {#each sums.causes as cause (cause)}<li>{cause}</li>{/each}
        </ul>
      {/if}
    </li>
    <li>
      {sums.accepted === 0 ? 'No cautions.' : `${counted(sums.accepted, 'caution')} accepted.`}
      {worksheet.run.checkedAt
        ? `Checked by ${worksheet.run.checkedBy} on ${longDay(worksheet.run.checkedAt)}.`
        : ''}
    </li>
    <li>
      Payroll’s file becomes ready (<a
        class="underline"
        href={`/api/pay-runs/${worksheet.run.id}/to-hand-over.csv`}
        download>see what it will hold</a
      >), everybody’s statement too, and the next run begins.
    </li>
  </ul>
  {#if busy}<div class="mt-3"><StepsDone work={long} what="Closing" /></div>{/if}
  <div class="mt-4 flex justify-end gap-3">
    <button class="btn btn-ghost" onclick={cancel}>Not yet</button>
    <button class="btn btn-primary" disabled={busy} onclick={close}>Close the run</button>
  </div>
</dialog>
