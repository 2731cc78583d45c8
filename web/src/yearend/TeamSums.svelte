<script lang="ts">
  import type { YearEndSum, YearEndView } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { money } from '../common/format';
  import { hasMoney } from './state';

  let { view }: { view: YearEndView } = $props();

  const inMoney = $derived(hasMoney(view));
</script>

{#snippet figures(sum: YearEndSum)}
  <td class="number">{sum.people}</td>
  <td class="number"><Amount value={sum.carried} /></td>
  <td class="number">{sum.losing}</td>
  <td class="number"><Amount value={sum.lost} /></td>
  <td class="number"><Amount value={sum.paidOut} /></td>
  {#if inMoney}
    <td class="number">{sum.carriedWorth === null ? '' : money(sum.carriedWorth)}</td>
    <td class="number">{sum.lostWorth === null ? '' : money(sum.lostWorth)}</td>
    <td class="number">{sum.paidOutWorth === null ? '' : money(sum.paidOutWorth)}</td>
  {/if}
{/snippet}

<table class="figures text-sm" data-teams>
  <caption class="sr-only">Sums by team</caption>
  <thead>
    <tr>
      <th>Team</th><th class="number">People</th><th class="number">Carry over</th>
      <th class="number">Lose some</th><th class="number">Lost</th><th class="number">Paid out</th>
      {#if inMoney}
        <th class="number">Carried, in money</th><th class="number">Lost, in money</th>
        <th class="number">Paid out, in money</th>
      {/if}
    </tr>
  </thead>
  <tbody>
    {#each view.teams as sum (sum.team)}
      <tr><td>{sum.team}</td>{@render figures(sum)}</tr>
    {/each}
  </tbody>
  <tfoot>
    <tr class="font-semibold"><td>All</td>{@render figures(view.all)}</tr>
  </tfoot>
</table>
