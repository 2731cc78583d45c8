<script lang="ts" generics="P extends FilePreview">
  import type { Snippet } from 'svelte';
  import ColumnsRead from './ColumnsRead.svelte';
  import FileOrPaste from './FileOrPaste.svelte';
  import { counted, peopleCounted } from './format';
  import ProblemNote from './ProblemNote.svelte';
  import { type FilePreview, FileReading, missingIn } from './reading.svelte';
  import { Work } from './work.svelte';

  let {
    kind,
    preview: ask,
    take: send,
    more,
    narrow = false,
  }: {
    /** What stands in the file, in a word. */
    kind: string;
    preview: (file: File, reading: FileReading) => Promise<P>;
    take: (file: File, reading: FileReading, skip: number[]) => Promise<void>;
    /** What else is to be said of a file that can be taken. */
    more?: Snippet<[P]>;
    narrow?: boolean;
  } = $props();

  let file = $state<File | null>(null);
  let preview = $state<P | null>(null);
  let skip = $state(false);
  const work = new Work();
  let done = $state(false);

  const how = (() => new FileReading(kind))();

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
    const looked = await work.do(async () => {
      preview = await ask(chosen, how);
      if (how.isForgottenBy(preview)) await look();
    });
    if (!looked) preview = null;
  }

  const missing = $derived(preview === null ? '' : missingIn(preview));

  async function take() {
    if (!file || !preview) return;
    const chosen = file;
    const lines = skip ? preview.faults.map((fault) => fault.line) : [];
    await work.do(async () => {
      await send(chosen, how, lines);
      file = null;
      preview = null;
      done = true;
    });
  }
</script>

<FileOrPaste chosen={choose} what={kind} taken={done} {narrow} />
<div class="mt-2"><ProblemNote problem={work.problem} /></div>
{#if work.busy && !preview}<p role="status" class="quiet">Reading the file</p>{/if}
{#if preview}
  <ColumnsRead read={preview} reading={how} again={look} />
  <p class="mt-2">
    <strong>{counted(preview.rows, 'row')}</strong> of {peopleCounted(preview.people)} can be taken.
    {#if more}{@render more(preview)}{/if}
    <span class="quiet">Read as {preview.encoding}.</span>
  </p>
  {#if preview.faults.length > 0}
    <p class="mt-2 font-semibold">{counted(preview.faults.length, 'row')} cannot be taken:</p>
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
