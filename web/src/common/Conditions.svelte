<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { type Condition, HOWS, type ReadFigure } from './conditions';

  let {
    conditions = $bindable(),
    figures,
    read,
  }: {
    conditions: Condition[];
    /** The words for each figure, by its name. */
    figures: Record<string, string>;
    read: ReadFigure;
  } = $props();

  function isWrong({ figure }: Condition, typed: string): boolean {
    return typed.trim() !== '' && read(figure, typed) === null;
  }
</script>

<ul class="flex flex-wrap gap-2">
  {#each conditions as condition, at (at)}
    <li class="flex items-center gap-1 border border-base-300 bg-base-200 px-2 py-1">
      <select class="select select-sm w-32" aria-label="Figure" bind:value={condition.figure}>
        {#each Object.entries(figures) as [name, words] (name)}<option value={name}>{words}</option
          >{/each}
      </select>
      <select class="select select-sm w-24" aria-label="Is" bind:value={condition.how}>
        {#each Object.entries(HOWS) as [name, words] (name)}<option value={name}>{words}</option
          >{/each}
      </select>
      <input
        class={['input input-sm w-16', isWrong(condition, condition.bound) && 'input-error']}
        aria-label="How much"
        bind:value={condition.bound}
        data-bound={at}
      />
      {#if condition.how === 'between'}
        and
        <input
          class={['input input-sm w-16', isWrong(condition, condition.upTo) && 'input-error']}
          aria-label="Up to how much"
          bind:value={condition.upTo}
        />
      {/if}
      <button
        class="btn btn-ghost btn-sm px-1"
        aria-label="Take this condition away"
        onclick={() => (conditions = conditions.filter((_, other) => other !== at))}
        ><X size={15} aria-hidden="true" /></button
      >
    </li>
  {/each}
  <li>
    <button
      class="btn btn-sm"
      onclick={() =>
        (conditions = [
          ...conditions,
          { figure: Object.keys(figures)[0] ?? '', how: 'at-least', bound: '', upTo: '' },
        ])}>+ Condition</button
    >
  </li>
</ul>
