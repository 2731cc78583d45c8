<script lang="ts">
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import X from '@lucide/svelte/icons/x';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { soon } from '../common/soon';
  import { CHOICES, moved } from './columns';
  import type { LayoutEditing } from './layout.svelte';

  let { editing, save }: { editing: LayoutEditing; save: () => Promise<void> } = $props();

  const TRY_AFTER = 400;
  const LABELS = {
    separator: 'Between the cells',
    decimalMark: 'Before decimals',
    dates: 'Dates as',
    encoding: 'Letters as',
  };

  const layout = $derived(editing.layout!);
  const left = $derived(
    editing.view!.fields.filter(
      (field) => !layout.columns.some((column) => column.field === field.field),
    ),
  );

  $effect(() => {
    if (JSON.stringify(layout) !== '') {
      return soon(() => editing.work.do(() => editing.try()), TRY_AFTER);
    }
  });

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void save();
  }

  function add(event: Event & { currentTarget: HTMLSelectElement }) {
    const field = left.find((each) => each.field === event.currentTarget.value);
    if (field) layout.columns = [...layout.columns, { ...field }];
    event.currentTarget.value = '';
  }
</script>

<form onsubmit={submit}>
  <div class="mb-4 flex flex-wrap gap-4">
    {#each Object.keys(LABELS) as (keyof typeof LABELS)[] as name (name)}
      <label>
        <span class="block font-semibold">{LABELS[name]}</span>
        <select class="select w-56" {name} bind:value={layout[name]}>
          {#each CHOICES[name] as [value, text] (value)}<option {value}>{text}</option>{/each}
        </select>
      </label>
    {/each}
    <label class="flex items-center gap-2 self-end pb-2">
      <input type="checkbox" class="checkbox checkbox-sm" bind:checked={layout.headings} />
      headings in the first line
    </label>
  </div>

  <h2 class="mb-1">Columns</h2>
  <ol class="mb-2 flex flex-wrap gap-2">
    {#each layout.columns as column, at (column.field)}
      <li class="sheet p-2" data-column={column.field}>
        <p class="quiet text-sm">
          {editing.view!.fields.find((field) => field.field === column.field)?.heading}
        </p>
        <input
          class="input w-32"
          aria-label={`Heading of ${column.field}`}
          maxlength="60"
          bind:value={column.heading}
        />
        <p class="mt-1 flex justify-between">
          <button
            type="button"
            class="btn btn-ghost btn-xs"
            aria-label={`${column.heading} to the left`}
            disabled={at === 0}
            onclick={() => (layout.columns = moved(layout.columns, at, -1))}
            ><ArrowLeft size={14} aria-hidden="true" /></button
          >
          <button
            type="button"
            class="btn btn-ghost btn-xs"
            aria-label={`Leave ${column.heading} out`}
            disabled={layout.columns.length === 1}
            onclick={() => (layout.columns = layout.columns.filter((_, index) => index !== at))}
            ><X size={14} aria-hidden="true" /></button
          >
          <button
            type="button"
            class="btn btn-ghost btn-xs"
            aria-label={`${column.heading} to the right`}
            disabled={at === layout.columns.length - 1}
            onclick={() => (layout.columns = moved(layout.columns, at, 1))}
            ><ArrowRight size={14} aria-hidden="true" /></button
          >
        </p>
      </li>
    {/each}
  </ol>
  {#if left.length > 0}
    <select class="select w-56" aria-label="Add a column" onchange={add}>
      <option value="">+ a column</option>
      {#each left as field (field.field)}<option value={field.field}>{field.heading}</option>{/each}
    </select>
  {/if}

  <h2 class="mt-5 mb-1">Codes</h2>
  <p class="quiet mb-2">Payroll’s own code for one of ours; empty where they are the same.</p>
  <div class="mb-5 flex flex-wrap gap-x-6 gap-y-2">
    {#each editing.codes as ours (ours)}
      <label class="flex items-center gap-2">
        <span class="w-20 font-semibold">{ours}</span>
        <input
          class="input w-28"
          maxlength="20"
          aria-label={`Payroll’s code for ${ours}`}
          value={layout.codes[ours] ?? ''}
          oninput={(event) => editing.setCode(ours, event.currentTarget.value)}
        />
      </label>
    {/each}
  </div>

  <h2 class="mb-1">The file</h2>
  <pre
    class="sheet mb-4 p-3 text-sm break-words whitespace-pre-wrap"
    data-tried>{editing.lines.join('\n')}</pre>
  <ProblemNote problem={editing.work.problem} />
  <button class="btn btn-primary" disabled={editing.work.busy}>Save the layout</button>
</form>
