<script lang="ts">
  import type { Snippet } from 'svelte';

  let { children }: { children: Snippet } = $props();
</script>

<div class="border border-dashed border-base-content/30 px-6 py-8 text-center">
  {@render children()}
</div>
