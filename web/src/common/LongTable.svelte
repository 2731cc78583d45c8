<script lang="ts" generics="R extends object">
  import type { ComponentProps } from 'svelte';
  import DataTable from './DataTable.svelte';
  import type { LongRows } from './longrows.svelte';
  import { inSight } from './window';

  type Shown = Omit<ComponentProps<typeof DataTable<R>>, 'rows' | 'space'>;

  let { long, ...shown }: { long: LongRows<R, unknown> } & Shown = $props();

  /** Of one line of text, until a row is there to be measured. */
  const USUAL_ROW = 33;

  let scrolled = $state(0);
  let height = $state(600);
  let rowHeight = $state(USUAL_ROW);
  let box: HTMLElement;

  const wanted = $derived(inSight(scrolled, height, rowHeight, long.total ?? 0));
  const here = $derived(long.rows(wanted.first, wanted.last));

  $effect(() => long.want(wanted.first, wanted.last));

  $effect(() => {
    void here;
    const row = box.querySelector<HTMLElement>('tbody tr:not([aria-hidden])');
    if (row && row.offsetHeight > 0) rowHeight = row.offsetHeight;
  });
</script>

<div
  class="sheet max-h-[calc(100vh-16.5rem)] min-h-64 overflow-auto [&_td]:whitespace-nowrap [&_tfoot]:sticky [&_tfoot]:bottom-0 [&_tfoot_td]:bg-base-200"
  bind:this={box}
  bind:clientHeight={height}
  onscroll={() => (scrolled = box.scrollTop)}
  tabindex="-1"
>
  <DataTable
    {...shown}
    rows={here.rows}
    space={{
      before: here.first * rowHeight,
      after: ((long.total ?? 0) - here.first - here.rows.length) * rowHeight,
    }}
  />
</div>
