<script lang="ts">
  import { answer, api, fileBody } from '../api/client';
  import type { LeavePreview } from '../api/types';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { counted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { FileReading, missingIn } from '../common/reading.svelte';
  import { Work } from '../common/work.svelte';

  const SAYS = { NEW: 'to be taken', UNUSUAL: 'unusual', WRONG: 'wrong' } as const;

  const how = new FileReading('leave');

  let file = $state<File | null>(null);
  let preview = $state<LeavePreview | null>(null);
  let taken = $state<LeavePreview | null>(null);
  let reason = $state('');
  const work = new Work();

  function choose(picked: File) {
    file = picked;
    void look();
  }

  async function look() {
    if (!file) return;
    const chosen = file;
    work.busy = true;
    work.problem = null;
    taken = null;
    if (
      !(await work.do(async () => {
        preview = await answer(
          api.POST(
            '/api/entered-leave/file/preview',
            fileBody(chosen, { name: 'reading', value: how.asked }),
          ),
        );
        if (how.isForgottenBy(preview)) await look();
      }))
    )
      preview = null;
  }

  async function take() {
    if (!file) return;
    const chosen = file;
    work.busy = true;
    work.problem = null;
    await work.do(async () => {
      taken = await answer(
        api.POST('/api/entered-leave/file', {
          params: { query: { reason } },
          ...fileBody(chosen, { name: 'reading', value: how.asked }),
        }),
      );
      preview = null;
      file = null;
      reason = '';
    });
  }

  const missing = $derived(preview === null ? '' : missingIn(preview));
  const rows = $derived((preview?.usual ?? 0) + (preview?.unusual ?? 0));

  /** The wrong ones first, then the unusual. */
  const shown = $derived(
    ['WRONG', 'UNUSUAL', 'NEW'].flatMap(
      (state) => preview?.rows.filter((row) => row.state === state) ?? [],
    ),
  );
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>Leave from a file</h1>
  <p class="flex gap-4">
    <a class="underline" href="/api/entered-leave/template.csv" download>Download a template</a>
    <a class="underline" href="#/requests">Back to requests</a>
  </p>
</div>
<p class="quiet mb-4 max-w-3xl">
  Leave that was agreed elsewhere, as before the start: one row a person and stretch of days, the
  person by code, name or e-mail address. It is taken as approved, whole or not at all, and nobody
  has to ask for it again.
</p>
<FileOrPaste chosen={choose} what="leave" taken={taken !== null} />
<div class="mt-3"><ProblemNote problem={work.problem} besides={['reason']} /></div>
{#if work.busy}
  <p role="status" class="mt-3">
    Reading the file <span class="loading loading-sm loading-dots" aria-hidden="true"></span>
  </p>
{/if}
{#if taken}
  <section class="mt-4 max-w-3xl border-l-4 border-secondary bg-base-200 px-4 py-3" data-taken>
    <h2>{counted(taken.usual + taken.unusual, 'row')} of leave taken.</h2>
    <p class="mt-2"><a class="underline" href="#/requests">To the requests</a></p>
  </section>
{/if}
{#if preview}
  <section class="mt-5" data-preview>
    <p>
      <strong>{preview.usual} to be taken</strong>, {preview.unusual} unusual,
      <strong class={preview.wrong > 0 ? 'text-error' : undefined}>{preview.wrong} wrong</strong>.
      <span class="quiet">Read as {preview.encoding}.</span>
    </p>
    <ColumnsRead read={preview} reading={how} again={look} />
    {#if preview.unusual > 0}
      <label class="mt-4 block">
        <span class="font-semibold"
          >Why {counted(preview.unusual, 'row')}
          {preview.unusual === 1 ? 'is' : 'are'} taken that a rule speaks against</span
        >
        <input
          class="input block w-full max-w-xl"
          name="reason"
          maxlength="300"
          bind:value={reason}
        />
        {#if work.problem?.isAt('reason')}<span role="alert" class="text-error"
            >{work.problem.message}</span
          >{/if}
      </label>
    {/if}
    <div class="mt-4 flex items-center gap-4">
      <button
        class="btn btn-primary"
        disabled={work.busy || missing !== '' || preview.wrong > 0 || rows === 0}
        onclick={take}>Take {counted(rows, 'row')}</button
      >
      {#if missing}
        <span>Choose the column for {missing} first.</span>
      {:else if preview.wrong > 0}
        <span>Nothing is taken while rows are wrong. Mend the file and choose it again.</span>
      {/if}
    </div>
    <div class="mt-4 max-h-[32rem] overflow-auto">
      <table class="figures">
        <thead><tr><th class="number">Line</th><th>Says</th><th>Is</th><th>What</th></tr></thead>
        <tbody>
          {#each shown as row (row.line)}
            <tr data-state={row.state}>
              <td class="number">{row.line}</td>
              <td>{row.text}</td>
              <td class={['whitespace-nowrap', row.state === 'WRONG' && 'font-semibold text-error']}
                >{SAYS[row.state]}</td
              >
              <td>{row.says.join('; ')}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  </section>
{/if}
