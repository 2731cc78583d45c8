<script lang="ts">
  let {
    total,
    size,
    page = $bindable(),
    what,
  }: { total: number; size: number; page: number; what: string } = $props();

  const last = $derived(Math.max(0, Math.ceil(total / size) - 1));
</script>

<div class="mt-3 flex items-center gap-4 text-sm">
  <span class="quiet">
    {total === 0 ? 0 : page * size + 1} to {Math.min(total, (page + 1) * size)} of {total}
    {what}
  </span>
  {#if last > 0}
    <button class="btn btn-sm" disabled={page === 0} onclick={() => page--}>Earlier</button>
    <button class="btn btn-sm" disabled={page === last} onclick={() => page++}>Later</button>
  {/if}
</div>
