<script lang="ts">
  import CircleAlert from '@lucide/svelte/icons/circle-alert';
  import type { Problem } from '../api/problem';

  let {
    problem,
    besides = [],
  }: {
    problem: Problem | null;
    /** Fields that say themselves what is wrong. */ besides?: string[];
  } = $props();

  const shown = $derived(problem !== null && !besides.some((field) => problem.isAt(field)));
</script>

{#if problem && shown}
  <p role="alert" class="flex gap-2 border-l-4 border-error bg-base-200 px-3 py-2">
    <CircleAlert size={18} class="mt-0.5 shrink-0 text-error" aria-hidden="true" />
    <span>{problem.message}</span>
  </p>
{/if}
