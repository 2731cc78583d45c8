<script lang="ts">
  import { answer, api, fileBody } from '../api/client';
  import type { HoursPreview } from '../api/types';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { amount, counted, peopleCounted } from '../common/format';
  import { FileReading, missingIn } from '../common/reading.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let { runId, taken }: { runId: number; taken: () => Promise<void> } = $props();

  let file = $state<File | null>(null);
  let preview = $state<HoursPreview | null>(null);
  let skip = $state(false);
  const work = new Work();
  let done = $state(false);

  const how = new FileReading('hours');

  function choose(picked: File) {
    file = picked;
    done = false;
    preview = null;
    void look();
  }

  async function look() {
    if (!file) return;
    const chosen = file;
    skip = false;
    work.problem = null;
    work.busy = true;
    if (
      !(await work.do(async () => {
        preview = await answer(
          api.POST('/api/pay-runs/{id}/hours/preview', {
            params: { path: { id: runId } },
            ...fileBody(chosen, { name: 'reading', value: how.asked }),
          }),
        );
        if (how.isForgottenBy(preview)) await look();
      }))
    )
      preview = null;
  }

  const missing = $derived(preview === null ? '' : missingIn(preview));

  async function take() {
    if (!file || !preview) return;
    const chosen = file;
    work.busy = true;
    await work.do(async () => {
      const result = await answer(
        api.POST('/api/pay-runs/{id}/hours', {
          params: {
            path: { id: runId },
            query: { skip: skip ? preview!.faults.map((fault) => fault.line) : [] },
          },
          ...fileBody(chosen, { name: 'reading', value: how.asked }),
        }),
      );
      said.say(`${counted(result.rows, 'row')} of ${peopleCounted(result.people)} are in.`);
      file = null;
      preview = null;
      work.problem = null;
      done = true;
      await taken();
    });
  }
</script>

<section class="sheet p-3">
  <h2 class="mb-1">Hours of the period</h2>
  <p class="quiet">
    One row a person, day and kind. Persons by code, name or e-mail address; without a kind, hours
    are regular.
    {#if session.current.demo}
      <a class="underline" href={`/api/demo/pay-runs/${runId}/hours.csv`} download>Demo file</a>
    {/if}
  </p>
  <FileOrPaste chosen={choose} what="hours" taken={done} narrow />
  <div class="mt-2"><ProblemNote problem={work.problem} /></div>
  {#if work.busy && !preview}<p role="status" class="quiet">Reading the file</p>{/if}
  {#if preview}
    <ColumnsRead read={preview} reading={how} again={look} />
    <p class="mt-2">
      <strong>{counted(preview.rows, 'row')}</strong> of {peopleCounted(preview.people)}, {amount(
        preview.hours,
      )} hours, can be taken.
      <span class="quiet">Read as {preview.encoding}.</span>
    </p>
    {#if preview.faults.length > 0}
      <p class="mt-2 font-semibold">
        {counted(preview.faults.length, 'row')} cannot be taken:
      </p>
      <ul class="max-h-48 overflow-y-auto" data-faults>
        {#each preview.faults as fault (fault.line)}
          <li class="border-l-4 border-error pl-2">
            Line {fault.line}: {fault.reason} <span class="quiet text-sm">({fault.text})</span>
          </li>
        {/each}
      </ul>
      <label class="mt-2 flex items-center gap-2">
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={skip} />
        Leave these rows out on purpose
      </label>
    {/if}
    <button
      class="btn mt-3 btn-primary"
      disabled={work.busy ||
        preview.rows === 0 ||
        missing !== '' ||
        (preview.faults.length > 0 && !skip)}
      onclick={take}>Take {counted(preview.rows, 'row')}</button
    >
    {#if missing}
      <span class="ml-2">Choose the column for {missing} first.</span>
    {:else if preview.faults.length > 0 && !skip}
      <span class="quiet ml-2"
        >Nothing is taken until the file is clean or you leave the rows out.</span
      >
    {/if}
  {/if}
</section>
