<script lang="ts">
  let { rows }: { rows: { line: number; text: string; fault: string }[] } = $props();
</script>

{#if rows.length > 0}
  <ul class="my-3 max-h-40 overflow-y-auto" data-unread>
    {#each rows as each (each.line)}
      <li class="border-l-4 border-error pl-2">
        Line {each.line}: {each.fault} <span class="quiet text-sm">({each.text})</span>
      </li>
    {/each}
  </ul>
{/if}
