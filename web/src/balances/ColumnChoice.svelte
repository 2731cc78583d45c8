<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import type { Column } from '../api/types';
  import SidePanel from '../common/SidePanel.svelte';

  let {
    offered,
    chosen,
    choose,
    close,
  }: {
    /** All that could be shown. */
    offered: Column[];
    /** The keys of those that are, from left to right. */
    chosen: string[];
    /** Shows others; the usual ones for none. */
    choose: (keys: string[]) => void;
    close: () => void;
  } = $props();

  const shown = $derived(chosen.flatMap((key) => offered.filter((each) => each.key === key)));
  const others = $derived(offered.filter(({ key }) => !chosen.includes(key)));

  function move(at: number, step: number) {
    const keys = shown.map(({ key }) => key);
    const [key] = keys.splice(at, 1);
    keys.splice(at + step, 0, key!);
    choose(keys);
  }
</script>

<SidePanel title="Columns" {close}>
  <p class="mb-3">
    They stand in this order from left to right, here and in files. A view that you keep keeps them.
  </p>
  <ol class="space-y-1" data-columns>
    {#each shown as column, at (column.key)}
      <li class="flex items-center gap-2">
        <label class="flex grow items-center gap-2">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked
            disabled={shown.length === 1}
            onchange={() => choose(chosen.filter((key) => key !== column.key))}
          />
          {column.title}
        </label>
        <button
          class="btn btn-ghost btn-sm px-1"
          disabled={at === 0}
          aria-label={`${column.title} further left`}
          onclick={() => move(at, -1)}><ArrowUp size={15} aria-hidden="true" /></button
        >
        <button
          class="btn btn-ghost btn-sm px-1"
          disabled={at === shown.length - 1}
          aria-label={`${column.title} further right`}
          onclick={() => move(at, 1)}><ArrowDown size={15} aria-hidden="true" /></button
        >
      </li>
    {/each}
  </ol>
  {#if others.length > 0}
    <h3 class="mt-4 mb-1 font-semibold">Not shown</h3>
    <ul class="space-y-1">
      {#each others as column (column.key)}
        <li>
          <label class="flex items-center gap-2">
            <input
              type="checkbox"
              class="checkbox checkbox-sm"
              checked={false}
              onchange={() => choose([...shown.map(({ key }) => key), column.key])}
            />
            {column.title}
          </label>
        </li>
      {/each}
    </ul>
  {/if}
  <button class="btn mt-5" onclick={() => choose([])}>The usual columns</button>
</SidePanel>
