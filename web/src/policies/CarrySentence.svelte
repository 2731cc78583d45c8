<script lang="ts">
  import type { Terms } from '../api/types';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';

  let {
    yearEnd = $bindable(),
    units,
    problemAt,
  }: { yearEnd: Terms['yearEnd']; units: string; problemAt: string | null } = $props();

  /** Nothing is carried over is written as 0 here, and as a word in the text. */
  const most = $derived(yearEnd.carry === 'none' ? '0' : yearEnd.carry);
</script>

At the year’s end up to
<Blank
  name="Carried over"
  field="terms.yearEnd.carry"
  {problemAt}
  bind:value={() => most, (typed) => (yearEnd.carry = typed ?? '')}
/>
{units} are carried over; the rest
<Choice
  name="What becomes of the rest"
  choices={[
    ['lapse', 'lapses'],
    ['pay-out', 'is paid out'],
  ]}
  bind:value={() => yearEnd.excess ?? 'lapse', (chosen) => (yearEnd.excess = chosen)}
/>.
