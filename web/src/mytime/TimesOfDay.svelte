<script lang="ts">
  import { untrack } from 'svelte';
  import type { ClockSpan } from '../api/types';
  import { clockTime, shortTime } from '../common/clock';

  let {
    between,
    day,
    change,
  }: {
    between: ClockSpan;
    /** The day they are of, in words. */
    day: string;
    change: (between: ClockSpan) => void;
  } = $props();

  let from = $state(untrack(() => shortTime(between.from)));
  let to = $state(untrack(() => shortTime(between.to)));

  const readable = $derived(clockTime(from) !== null && clockTime(to) !== null);

  function take() {
    if (!readable) return;
    from = clockTime(from)!;
    to = clockTime(to)!;
    change({ from, to });
  }
</script>

<input
  class="input w-18 input-sm"
  aria-label={`From, on ${day}`}
  bind:value={from}
  onchange={take}
/>
<span>to</span>
<input class="input w-18 input-sm" aria-label={`To, on ${day}`} bind:value={to} onchange={take} />
{#if !readable}
  <span role="alert" class="text-sm text-error">Write times like 13:00 or 1:30p.</span>
{/if}
