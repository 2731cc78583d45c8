<script lang="ts">
  import { whenSeen } from './whenseen';

  let {
    left,
    more,
  }: {
    /** How many are not shown yet. */
    left: number;
    more: () => void;
  } = $props();
</script>

{#if left > 0}
  <button class="my-2 underline" use:whenSeen={more} onclick={more}
    >Show more; {left} are left</button
  >
{/if}
