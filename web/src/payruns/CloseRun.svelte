<script lang="ts">
  import type { Worksheet } from '../api/types';
  import { counted, day } from '../common/format';

  let {
    worksheet,
    busy,
    close,
    cancel,
  }: {
    worksheet: Worksheet;
    busy: boolean;
    close: () => Promise<void>;
    cancel: () => void;
  } = $props();

  const lines = $derived(worksheet.rows.reduce((sum, row) => sum + row.lines.length, 0));
  const people = $derived(new Set(worksheet.rows.map((row) => row.personId)).size);
  const corrections = $derived(
    worksheet.rows.reduce(
      (sum, row) => sum + row.lines.filter((line) => line.sort === 'CORRECTION').length,
      0,
    ),
  );
  const cautions = $derived(worksheet.rows.filter((row) => row.cautions.length > 0).length);

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
    <li>{counted(lines, 'line')} of {people} people are frozen and never change again.</li>
    <li>
      {corrections === 0
        ? 'No earlier run is corrected.'
        : `Among them: ${counted(corrections, 'correction')} of earlier runs.`}
    </li>
    <li>
      {cautions === 0 ? 'No cautions.' : `A caution stands on ${counted(cautions, 'balance')}.`}
    </li>
    <li>Payroll’s file becomes ready and the next run begins.</li>
  </ul>
  {#if worksheet.blockers.length > 0}
    <p class="mt-3 border-l-4 border-error pl-3">
      {counted(worksheet.blockers.length, 'blocker')} in the way: {worksheet.blockers[0]!.message}
    </p>
  {/if}
  <div class="mt-4 flex justify-end gap-3">
    <button class="btn btn-ghost" onclick={cancel}>Not yet</button>
    <button class="btn btn-primary" disabled={busy || worksheet.blockers.length > 0} onclick={close}
      >Close the run</button
    >
  </div>
</dialog>
