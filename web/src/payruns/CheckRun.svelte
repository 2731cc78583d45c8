<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Caution, Worksheet } from '../api/types';
  import { counted, day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import StepsDone from '../common/StepsDone.svelte';
  import { Work } from '../common/work.svelte';
  import { CAUTIONS_IN_WORDS } from './cautions';

  let {
    worksheet,
    checked,
    cancel,
  }: {
    worksheet: Worksheet;
    checked: () => void;
    cancel: () => void;
  } = $props();

  let note = $state('');
  const work = new Work();
  const long = new LongWork();

  const open = $derived(Object.entries(worksheet.sums.open) as [Caution['kind'], number][]);

  function show(dialog: HTMLDialogElement) {
    dialog.showModal();
  }

  async function check(event: SubmitEvent) {
    event.preventDefault();
    const done = await work.do(async () => {
      await long.of((progress) =>
        answer(
          api.POST('/api/pay-runs/{id}/checking', {
            params: { path: { id: worksheet.run.id }, query: { progress } },
            body: { note },
          }),
        ),
      );
    });
    if (done) checked();
  }
</script>

<dialog
  use:show
  onclose={cancel}
  aria-label="Check this run"
  class="m-auto max-w-lg border-t-4 border-primary bg-base-100 p-6 text-base-content backdrop:bg-black/40"
>
  <form onsubmit={check}>
    <h2 class="mb-2">
      Is all of {day(worksheet.run.firstDay)} to {day(worksheet.run.lastDay)} right?
    </h2>
    {#if open.length === 0}
      <p>Nothing blocks it and nothing unusual is left to look at.</p>
    {:else}
      <p>Nobody has accepted yet:</p>
      <ul class="list-disc space-y-1 pl-5">
        {#each open as [kind, count] (kind)}<li>{CAUTIONS_IN_WORDS[kind](count)}</li>{/each}
      </ul>
      <label class="mt-3 block">
        <span class="font-semibold">Why all of it is right</span>
        <textarea
          class="textarea mt-1 w-full"
          rows="2"
          name="note"
          maxlength="400"
          bind:value={note}></textarea>
      </label>
    {/if}
    <p class="quiet mt-3">
      {counted(worksheet.sums.lines, 'line')} stay as they are now until the close. Should one change
      before, the run gathers again and says which.
    </p>
    <div class="mt-2"><ProblemNote problem={work.problem} /></div>
    {#if work.busy}<StepsDone work={long} what="Working through the people" />{/if}
    <div class="mt-4 flex justify-end gap-3">
      <button type="button" class="btn btn-ghost" onclick={cancel}>Not yet</button>
      <button
        class="btn btn-primary"
        disabled={work.busy || (open.length > 0 && note.trim() === '')}>It is right</button
      >
    </div>
  </form>
</dialog>
