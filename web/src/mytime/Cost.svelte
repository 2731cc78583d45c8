<script lang="ts">
  import type { RequestReview } from '../api/types';
  import { isPositive } from '../common/decimal';
  import { longDay, withUnit } from '../common/format';

  let { review, askForLess }: { review: RequestReview; askForLess: () => void } = $props();
</script>

<p class="text-lg">
  Costs <strong data-cost>{withUnit(review.total, review.unit)}</strong>
</p>
{#if review.leftAtYearEnd !== null}
  <p>
    Leaves {withUnit(review.leftAtYearEnd, review.unit)} on {longDay(review.yearEnds)}, forecast
  </p>
{/if}
{#if isPositive(review.waitingElsewhere)}
  <p class="quiet">
    Not counted: {withUnit(review.waitingElsewhere, review.unit)} in requests that still wait
  </p>
{/if}
{#if review.problems.length > 0}
  <ul class="mt-2 space-y-1 border-l-4 border-error pl-3" data-problems>
    {#each review.problems as broken, index (index)}
      <li>{broken.message}</li>
    {/each}
  </ul>
{/if}
{#if review.affordable && isPositive(review.affordable.amount)}
  <p class="mt-2">
    At most {withUnit(review.affordable.amount, review.unit)} of it can be afforded.
    <button class="underline" data-affordable onclick={askForLess}>Ask for that much</button>
  </p>
{/if}
