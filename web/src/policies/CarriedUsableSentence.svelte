<script lang="ts">
  import type { Terms } from '../api/types';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import TimeBlank from './TimeBlank.svelte';

  let {
    usable = $bindable(),
    problemAt,
  }: { usable: NonNullable<Terms['yearEnd']['carriedUsable']>; problemAt: string | null } =
    $props();

  function write(chosen: 'until' | 'for' | null) {
    usable =
      chosen === 'for'
        ? { days: null, months: 3, until: null }
        : { days: null, months: null, until: '03-31' };
  }
</script>

Carried time can be used
<Choice
  name="How long carried time can be used"
  choices={[
    ['until', 'until'],
    ['for', 'for'],
  ]}
  bind:value={() => (usable.until === null ? 'for' : 'until'), write}
/>
{#if usable.until === null}
  <TimeBlank
    name="carried time"
    bind:time={
      () => ({ days: usable.days, months: usable.months }),
      (time) => (usable = { ...time, until: null })
    }
  /> from the year’s first day.
{:else}
  <Blank
    wide
    name="Last day for carried time, month and day"
    field="terms.yearEnd.carriedUsable.until"
    {problemAt}
    bind:value={() => usable.until, (typed) => (usable.until = String(typed ?? ''))}
  />
  <span class="quiet text-base">(month and day)</span>.
{/if}
