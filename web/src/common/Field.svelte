<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Problem } from '../api/problem';

  let {
    label,
    field,
    problem = null,
    children,
  }: { label: string; field?: string; problem?: Problem | null; children: Snippet } = $props();

  const wrong = $derived(field !== undefined && problem !== null && problem.isAt(field));
</script>

<label class={['block', wrong && 'border-l-4 border-error pl-2']}>
  <span class="block text-sm font-semibold">{label}</span>
  {@render children()}
  {#if wrong}
    <span role="alert" class="block max-w-sm text-sm text-error">{problem!.message}</span>
  {/if}
</label>
