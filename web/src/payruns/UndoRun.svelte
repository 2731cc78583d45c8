<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Worksheet } from '../api/types';
  import { counted, day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';

  let {
    worksheet,
    undone,
    cancel,
  }: { worksheet: Worksheet; undone: () => void; cancel: () => void } = $props();

  let reason = $state('');
  const work = new Work();

  const lines = $derived(worksheet.sums.lines);

  function open(dialog: HTMLDialogElement) {
    dialog.showModal();
  }

  async function undo(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      await answer(
        api.POST('/api/pay-runs/{id}/undoing', {
          params: { path: { id: worksheet.run.id } },
          body: { reason },
        }),
      );
      undone();
    });
  }
</script>

<dialog
  use:open
  onclose={cancel}
  aria-label="Undo this close"
  class="m-auto max-w-lg border-t-4 border-accent bg-base-100 p-6 text-base-content backdrop:bg-black/40"
>
  <form onsubmit={undo}>
    <h2 class="mb-2">
      Undo the close of {day(worksheet.run.firstDay)} to {day(worksheet.run.lastDay)}?
    </h2>
    <ul class="list-disc space-y-1 pl-5">
      <li>{counted(lines, 'line')} are taken back by a reversal each; none is deleted.</li>
      <li>The run gathers again. Closing it again posts what is right by then.</li>
      <li>
        What was delivered to payroll is taken back by rows of its own; if payroll got the file by
        hand, tell them that it no longer holds.
      </li>
    </ul>
    <label class="mt-4 block">
      <span class="font-semibold">Why</span>
      <textarea class="textarea mt-1 w-full" rows="2" name="reason" bind:value={reason}></textarea>
    </label>
    <div class="mt-2"><ProblemNote problem={work.problem} /></div>
    <div class="mt-4 flex justify-end gap-3">
      <button type="button" class="btn btn-ghost" onclick={cancel}>Leave it closed</button>
      <button class="btn btn-primary" disabled={work.busy || reason.trim() === ''}
        >Undo the close</button
      >
    </div>
  </form>
</dialog>
