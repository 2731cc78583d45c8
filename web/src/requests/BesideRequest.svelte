<script lang="ts">
  import type { RequestDetail } from '../api/types';
  import { amount, day, span, withUnit, words } from '../common/format';

  let { detail }: { detail: RequestDetail } = $props();

  const first = $derived(detail.request.person.split(' ')[0]);
  const { staffing, lastTwelveMonths } = $derived(detail.forDeciding);
</script>

{#if staffing.length > 0}
  <h2 class="mt-4 mb-1">{detail.request.team} on these days</h2>
  <ul data-staffing>
    {#each staffing as each (each.on)}
      <li class={[each.tooFew && 'font-semibold text-error']}>
        {day(each.on)}: {amount(each.there)} of {each.scheduled} there{each.needed
          ? `, ${each.needed} needed`
          : ''}{each.tooFew ? ': too few' : ''}
      </li>
    {/each}
  </ul>
{/if}
{#if lastTwelveMonths.length > 0}
  <h2 class="mt-4 mb-1">{first} in the last twelve months</h2>
  <ul data-last-twelve-months>
    {#each lastTwelveMonths as each (each.policyId)}
      <li>{each.policy}: {withUnit(each.amount, each.unit)} on {each.days} days</li>
    {/each}
  </ul>
{/if}
{#if detail.recent.length > 0}
  <h2 class="mt-4 mb-1">Other requests of {first}</h2>
  <ul>
    {#each detail.recent as other (other.id)}
      <li>
        {span(other.first, other.last)}, {other.policy}, {withUnit(other.total, other.unit)}:
        {words(other.state).toLowerCase()}
      </li>
    {/each}
  </ul>
{/if}
