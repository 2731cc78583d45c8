<script lang="ts">
  import { untrack } from 'svelte';
  import { kept } from './kept';

  let {
    chosen,
    what,
    taken = false,
    narrow = false,
  }: {
    chosen: (file: File) => void;
    what: string;
    /** Whether what was pasted has been taken and need not be kept. */
    taken?: boolean;
    /** Whether there is little room, so that pasting is shown when it is wanted. */
    narrow?: boolean;
  } = $props();

  const unsaved = untrack(() => kept<string>(`pasted ${what}`));

  let pasted = $state(unsaved.recall() ?? '');

  $effect(() => {
    if (taken) pasted = '';
  });

  $effect(() => {
    if (pasted === '') unsaved.forget();
    else unsaved.keep(pasted);
  });

  let name = $state('');

  function takePasted() {
    chosen(new File([pasted], 'pasted.csv', { type: 'text/csv' }));
  }
</script>

{#snippet pasting()}
  <label class="block">
    {#if !narrow}
      <span class="block font-semibold">Or cells pasted from a spreadsheet, headings first</span>
    {/if}
    <textarea
      class="textarea mt-1 w-full font-mono text-sm"
      rows="3"
      aria-label={`Pasted ${what}`}
      bind:value={pasted}></textarea>
  </label>
  <button class="btn mt-1 btn-sm" disabled={pasted.trim() === ''} onclick={takePasted}
    >Look at what was pasted</button
  >
{/snippet}

<div class={['grid', narrow ? 'gap-2' : 'gap-4 md:grid-cols-2']}>
  <label class="block">
    <span class="block font-semibold">A CSV file</span>
    <input
      type="file"
      accept=".csv,.txt,text/csv"
      class="file-input mt-1 w-full max-w-sm"
      aria-label={`File of ${what}`}
      onchange={(event) => {
        const file = event.currentTarget.files?.[0];
        if (file) {
          name = file.name;
          chosen(file);
        }
        // so that the same file can be chosen again once it was mended
        event.currentTarget.value = '';
      }}
    />
    {#if name}<span class="quiet text-sm">{name}</span>{/if}
  </label>
  {#if narrow}
    <details open={pasted !== ''}>
      <summary class="cursor-pointer">Or cells pasted from a spreadsheet, headings first</summary>
      {@render pasting()}
    </details>
  {:else}
    <div>{@render pasting()}</div>
  {/if}
</div>
