<script lang="ts" generics="K extends string">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';

  let {
    title,
    by,
    order = $bindable(),
    descending = $bindable(),
    number = false,
  }: { title: string; by: K; order: K; descending: boolean; number?: boolean } = $props();

  function sort() {
    descending = order === by ? !descending : false;
    order = by;
  }
</script>

<th
  class={number ? 'number' : undefined}
  aria-sort={order === by ? (descending ? 'descending' : 'ascending') : 'none'}
>
  <button class="inline-flex items-center gap-1 font-semibold hover:underline" onclick={sort}>
    {title}
    {#if order === by}
      {#if descending}<ArrowDown size={13} aria-hidden="true" />{:else}<ArrowUp
          size={13}
          aria-hidden="true"
        />{/if}
    {/if}
  </button>
</th>
