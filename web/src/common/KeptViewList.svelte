<script lang="ts" generics="W extends object">
  import type { KeptViews } from './keptviews.svelte';
  import ProblemNote from './ProblemNote.svelte';
  import { Work } from './work.svelte';

  let {
    kept,
    wanted,
    show,
  }: {
    kept: KeptViews<W>;
    /** What is wanted now, which can be kept. */
    wanted: W;
    show: (view: W) => void;
  } = $props();

  let name = $state('');
  const work = new Work();

  $effect(() => void work.do(() => kept.load()));

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const view = $state.snapshot(wanted) as W;
    if (await work.do(() => kept.keep(name.trim(), view))) name = '';
  }
</script>

{#each kept.all as view (view.name)}
  <span class="flex items-center gap-1">
    <button class="underline" onclick={() => show($state.snapshot(view.wanted) as W)}
      >{view.name}</button
    >
    <button
      class="quiet"
      aria-label={`Forget the view ${view.name}`}
      onclick={() => work.do(() => kept.forget(view.name))}>×</button
    >
  </span>
{/each}
<form class="flex items-center gap-1" onsubmit={keep}>
  <input
    class="input input-sm w-40"
    aria-label="Name of this view"
    placeholder="Keep this view as…"
    required
    maxlength="40"
    bind:value={name}
  />
  {#if name.trim()}<button class="btn btn-sm">Keep</button>{/if}
</form>
<ProblemNote problem={work.problem} />
