<script lang="ts" generics="R extends object">
  import type { Snippet } from 'svelte';
  import type { Column, Unit } from '../api/types';
  import Amount from './Amount.svelte';
  import { isZero } from './decimal';
  import { day, unitName } from './format';
  import { listKeys } from './listkeys';
  import { inOrder, isNumber, sortingOf, type Sorting, valueOf } from './tables';

  let {
    columns,
    rows,
    key,
    cells = {},
    blank = () => null,
    sortable = false,
    ordered,
    sums = [],
    opened,
    pressed,
    space = { before: 0, after: 0 },
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
    /** Puts all rows in order where these are only some of them: the key of a column, with a minus for the other way. */
    ordered?: { by: string; change: (by: string) => void };
    /** The last lines, by the columns' keys. */
    sums?: Record<string, string>[];
    /** What a click on a row does. */
    opened?: (row: R) => void;
    /** What a click on a figure does. */
    pressed?: (row: R, column: Column) => void;
    /** The height of rows that are not here, above and below those that are. */
    space?: { before: number; after: number };
    /** Marks of a row by which it is found. */
    marks?: (row: R) => Record<`data-${string}`, string>;
    empty?: string;
  } = $props();

  let sortedHere = $state<Sorting | null>(null);
  const sorting = $derived(ordered ? sortingOf(ordered.by) : sortedHere);
  const shown = $derived(ordered ? rows : inOrder(rows, columns, sortedHere));

  /** Up, then down, then as it came. */
  function sortBy(column: string) {
    const next =
      sorting?.column !== column
        ? { column, descending: false }
        : sorting.descending
          ? null
          : { column, descending: true };
    if (ordered) ordered.change(next === null ? '' : (next.descending ? '-' : '') + next.column);
    else sortedHere = next;
  }

  function direction(column: string) {
    if (sorting?.column !== column) return 'none';
    return sorting.descending ? 'descending' : 'ascending';
  }

  /** Figures that are 0 stand back, so that the others are seen. */
  function isNothing(row: R, column: Column): boolean {
    return (
      isNumber(column) &&
      column.kind !== 'RESULT' &&
      isZero((valueOf(row, column.key) as string | null) ?? '0')
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
    {#if value === null}<span class="quiet" title="Not enrolled">·</span>
    {:else if pressed}
      <button
        class="figure-button"
        onclick={(event) => {
          event.stopPropagation();
          pressed(row, column);
        }}><Amount value={value as string} change={column.kind === 'CHANGE'} /></button
      >
    {:else}<Amount value={value as string} change={column.kind === 'CHANGE'} />{/if}
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
          aria-sort={sortable || ordered ? direction(column.key) : undefined}
        >
          {#if sortable || ordered}
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
    {#if space.before > 0}<tr aria-hidden="true" style:height={`${space.before}px`}></tr>{/if}
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
    {#if space.after > 0}<tr aria-hidden="true" style:height={`${space.after}px`}></tr>{/if}
  </tbody>
  {#if sums.length > 0 && shown.length > 0}
    <tfoot>
      {#each sums as sum, index (index)}
        <tr data-sums>
          {#each columns as column (column.key)}
            {@const value = sum[column.key] ?? ''}
            <td class={['font-semibold', isNumber(column) && 'number']}>
              {#if isNumber(column) && value !== ''}<Amount {value} />{:else}{value}{/if}
            </td>
          {/each}
        </tr>
      {/each}
    </tfoot>
  {/if}
</table>
