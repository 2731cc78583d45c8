<script lang="ts" generics="R extends object">
  import type { Snippet } from 'svelte';
  import type { Column, Unit } from '../api/types';
  import Amount from './Amount.svelte';
  import { isZero } from './decimal';
  import { day, unitName } from './format';
  import { listKeys } from './listkeys';
  import { inOrder, isNumber, type Sorting, valueOf } from './tables';

  let {
    columns,
    rows,
    key,
    cells = {},
    blank = () => null,
    sortable = false,
    opened,
    marks = () => ({}),
    empty = 'Nothing matches.',
  }: {
    columns: Column[];
    rows: R[];
    /** What tells a row from all others. */
    key: (row: R) => string;
    /** How cells of some columns are shown otherwise, by the column's key. */
    cells?: Record<string, Snippet<[R]>>;
    /** What stands in a cell that has no figure, else null. */
    blank?: (row: R, column: Column) => string | null;
    sortable?: boolean;
    /** What a click on a row does. */
    opened?: (row: R) => void;
    /** Marks of a row by which it is found. */
    marks?: (row: R) => Record<`data-${string}`, string>;
    empty?: string;
  } = $props();

  let sorting = $state<Sorting | null>(null);
  const shown = $derived(inOrder(rows, columns, sorting));

  /** Up, then down, then as it came. */
  function sortBy(column: string) {
    if (sorting?.column !== column) sorting = { column, descending: false };
    else sorting = sorting.descending ? null : { column, descending: true };
  }

  function direction(column: string) {
    if (sorting?.column !== column) return 'none';
    return sorting.descending ? 'descending' : 'ascending';
  }

  /** Figures that are 0 stand back, so that the others are seen. */
  function isNothing(row: R, column: Column): boolean {
    return (
      isNumber(column) && column.kind !== 'RESULT' && isZero(valueOf(row, column.key) as string)
    );
  }

  const ARROWS = { none: '', ascending: ' ↑', descending: ' ↓' };
</script>

{#snippet plain(row: R, column: Column)}
  {@const value = valueOf(row, column.key)}
  {#if column.kind === 'WORDS'}
    {#each value as string[] as words (words)}
      <span class="mr-1 border-l-4 border-accent bg-base-200 px-1.5 text-sm">{words}</span>
    {/each}
  {:else if isNumber(column)}
    <Amount value={value as string} change={column.kind === 'CHANGE'} />
  {:else if column.kind === 'UNIT'}
    {unitName(value as Unit)}
  {:else if column.kind === 'DATE'}
    {value === null ? '' : day(value as string)}
  {:else}
    {value}
  {/if}
{/snippet}

<table class="figures" use:listKeys>
  <thead>
    <tr>
      {#each columns as column (column.key)}
        <th
          class={isNumber(column) ? 'number' : ''}
          aria-sort={sortable ? direction(column.key) : undefined}
        >
          {#if sortable}
            <button class="font-semibold" onclick={() => sortBy(column.key)}
              >{column.title}{ARROWS[direction(column.key)]}</button
            >
          {:else}
            {column.title}
          {/if}
        </th>
      {/each}
    </tr>
  </thead>
  <tbody>
    {#each shown as row (key(row))}
      <tr
        class={opened && 'cursor-pointer'}
        onclick={opened && (() => opened(row))}
        {...marks(row)}
      >
        {#each columns as column (column.key)}
          {@const instead = blank(row, column)}
          <td
            class={[
              isNumber(column) && 'number',
              column.kind === 'RESULT' && 'font-semibold',
              (column.kind === 'UNIT' || instead !== null || isNothing(row, column)) && 'quiet',
            ]}
          >
            {#if instead !== null}{instead}
            {:else if cells[column.key]}{@render cells[column.key]!(row)}
            {:else}{@render plain(row, column)}{/if}
          </td>
        {/each}
      </tr>
    {:else}
      <tr><td colspan={columns.length} class="quiet">{empty}</td></tr>
    {/each}
  </tbody>
</table>
