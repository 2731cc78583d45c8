<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { onDestroy } from 'svelte';
  import { answer, api, fileBody } from '../api/client';
  import type { PeoplePreview } from '../api/types';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { counted, peopleCounted, words } from '../common/format';
  import { FileReading, missingIn } from '../common/reading.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import StepsDone from '../common/StepsDone.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let file = $state<File | null>(null);
  let preview = $state<PeoplePreview | null>(null);
  let taken = $state<PeoplePreview | null>(null);
  const how = new FileReading('people');
  let changesFrom = $state(session.current.today);
  const work = new Work();
  const long = new LongWork();

  function reading(token: string | null) {
    return { ...how.asked, changesFrom, token };
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
            '/api/people/import/preview',
            fileBody(chosen, { name: 'reading', value: reading(null) }),
          ),
        );
        if (how.isForgottenBy(preview)) await look();
      }))
    )
      preview = null;
  }

  function choose(picked: File) {
    file = picked;
    void look();
  }

  async function take() {
    if (!file) return;
    const chosen = file;
    work.busy = true;
    work.problem = null;
    await work.do(async () => {
      taken = await long.of((token) =>
        answer(
          api.POST(
            '/api/people/import',
            fileBody(chosen, { name: 'reading', value: reading(token) }),
          ),
        ),
      );
      preview = null;
      file = null;
    });
  }

  /** 3 enrolments begin, 1 ends */
  function enrolmentWords({ begin, end }: { begin: number; end: number }): string {
    return [
      begin > 0 && `${counted(begin, 'enrolment')} ${begin === 1 ? 'begins' : 'begin'}`,
      end > 0 && `${counted(end, 'enrolment')} ${end === 1 ? 'ends' : 'end'}`,
    ]
      .filter(Boolean)
      .join(', ');
  }

  onDestroy(() => long.end());

  const missing = $derived(preview === null ? '' : missingIn(preview));
  const ready = $derived(
    preview !== null &&
      preview.wrong === 0 &&
      missing === '' &&
      preview.added + preview.changed > 0,
  );
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>Bring people in</h1>
  <p>
    <a class="underline" href="/api/people/template" download>Download a template</a>
  </p>
</div>
<p class="quiet mb-4 max-w-3xl">
  One row a person. Who is not there yet is added; who is there is changed where the file says
  something else. An empty cell leaves what is there. You see everything before it is taken, and it
  is taken whole or not at all.
</p>
<FileOrPaste chosen={choose} what="people" taken={taken !== null} />
<div class="mt-3"><ProblemNote problem={work.problem} /></div>
{#if work.busy}
  <div class="mt-3">
    <StepsDone work={long} what={taken || preview ? 'Taking the file' : 'Reading the file'} />
  </div>
{/if}
{#if taken}
  <section class="mt-4 max-w-3xl border-l-4 border-secondary bg-base-200 px-4 py-3" data-taken>
    <h2>
      {peopleCounted(taken.added)} added, {taken.changed} changed, {taken.same}
      as they were.
    </h2>
    {#each taken.enrolments as count (count.policy)}
      <p>
        {count.policy}: {enrolmentWords(count)}.
      </p>
    {/each}
    {#each taken.gaps as gap (gap)}
      <p class="border-l-4 border-accent pl-2" data-gap>{gap}</p>
    {/each}
    <p class="mt-2">
      <a class="underline" href="#/people">To the directory</a>, or on to
      <a class="underline" href="#/balances/openings">opening balances</a>.
    </p>
  </section>
{/if}
{#if preview}
  <section class="mt-5">
    <div class="flex flex-wrap items-end gap-x-6 gap-y-2" data-preview>
      <p>
        <strong>{preview.added} new</strong>, <strong>{preview.changed} changed</strong>,
        {preview.same} the same,
        <strong class={preview.wrong > 0 ? 'text-error' : undefined}>{preview.wrong} wrong</strong>.
        <span class="quiet">Read as {preview.encoding}.</span>
      </p>
      <label class="flex items-center gap-2">
        Changes hold from
        <DateField
          class="input input-sm w-40"
          name="changes-from"
          bind:value={changesFrom}
          onchange={look}
        />
      </label>
    </div>
    {#if preview.sites.length + preview.teams.length > 0}
      <p class="mt-2">
        The file brings
        {#if preview.sites.length > 0}new sites: <strong>{preview.sites.join(', ')}</strong>{/if}
        {#if preview.sites.length > 0 && preview.teams.length > 0}and{/if}
        {#if preview.teams.length > 0}new teams: <strong>{preview.teams.join(', ')}</strong>{/if}.
      </p>
    {/if}
    {#if preview.enrolments.length > 0}
      <p class="mt-2">
        {#each preview.enrolments as count, at (count.policy)}{at > 0 ? '; ' : ''}{count.policy}:
          {enrolmentWords(count)}{/each}.
        {#if preview.enrolments.some((count) => count.end > 0)}
          What is left in an enrolment that ends goes on in a policy of the same kind that begins,
          else it is treated as when somebody leaves.
        {/if}
      </p>
    {/if}
    <ColumnsRead read={preview} reading={how} again={look} />
    <div class="mt-4 flex items-center gap-4">
      <button class="btn btn-primary" disabled={work.busy || !ready} onclick={take}>
        Take {peopleCounted(preview.added + preview.changed)}
      </button>
      {#if preview.wrong > 0}
        <span>Nothing is taken while rows are wrong. Mend the file and choose it again.</span>
      {:else if preview.added + preview.changed === 0}
        <span>Everything in the file is there already; nothing would change.</span>
      {/if}
    </div>
    <div class="mt-4 max-h-[32rem] overflow-auto">
      <table class="figures">
        <thead>
          <tr><th class="number">Line</th><th>Code</th><th>Name</th><th>Is</th><th>What</th></tr>
        </thead>
        <tbody>
          {#each preview.rows as row (row.line)}
            <tr data-state={row.state}>
              <td class="number">{row.line}</td>
              <td>{row.code}</td>
              <td>{row.name}</td>
              <td
                class={row.state === 'WRONG'
                  ? 'font-semibold text-error'
                  : row.state === 'SAME'
                    ? 'quiet'
                    : undefined}>{words(row.state)}</td
              >
              <td>{row.says.join('; ')}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  </section>
{/if}
