<script lang="ts">
  import { type FileRead, type FileReading, missingIn } from './reading.svelte';

  let {
    read,
    reading,
    again,
  }: {
    read: FileRead;
    reading: FileReading;
    /** Reads the file anew, as chosen. */
    again: () => void;
  } = $props();

  const missing = $derived(missingIn(read));

  let shown = $state(false);

  $effect(() => {
    if (missing) shown = true;
  });
</script>

{#if read.order}
  <label class="mt-2 flex items-center gap-2">
    03/04 is
    <select
      class="select w-40 select-sm"
      aria-label="Order of day and month"
      value={read.order}
      onchange={(event) => {
        reading.order = event.currentTarget.value as typeof reading.order;
        again();
      }}
    >
      <option value="DAY_FIRST">3 April</option>
      <option value="MONTH_FIRST">4 March</option>
    </select>
  </label>
{/if}
<details class="mt-3" bind:open={shown}>
  <summary class="cursor-pointer font-semibold">
    Which column says what
    {#if missing}<span class="text-error">: choose {missing}</span>{/if}
  </summary>
  <div class="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2 lg:grid-cols-4">
    {#each read.columns as matched (matched.column)}
      <label class="text-sm">
        <span class="block font-semibold"
          >{matched.title}{#if !matched.needed}<span class="quiet font-normal">, if there</span
            >{/if}</span
        >
        <select
          class="select w-full select-sm"
          data-column={matched.column}
          value={matched.heading ?? ''}
          onchange={(event) => {
            reading.choose(matched.column, event.currentTarget.value, read);
            again();
          }}
        >
          <option value="">not in the file</option>
          {#each read.headings as heading (heading)}<option value={heading}>{heading}</option
            >{/each}
        </select>
      </label>
    {/each}
  </div>
</details>
