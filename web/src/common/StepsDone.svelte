<script lang="ts">
  import type { LongWork } from './progress.svelte';

  let {
    work,
    what,
  }: {
    work: LongWork;
    /** What is being done, as long as no step of it is told. */
    what: string;
  } = $props();
</script>

<p role="status">
  {#if work.step && work.step.of > 0}
    {work.step.what}: {work.step.done} of {work.step.of}
    <progress class="progress ml-2 w-64 align-middle" value={work.step.done} max={work.step.of}
    ></progress>
  {:else}
    {what}
    <span class="loading loading-sm loading-dots" aria-hidden="true"></span>
  {/if}
</p>
