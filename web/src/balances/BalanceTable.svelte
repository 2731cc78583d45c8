<script lang="ts">
  import type { BalanceRow } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { amount, day, unitName } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import { lapseWords } from './lapses';
  import { asOf } from '../frame/asof.svelte';

  let { rows, withPerson }: { rows: BalanceRow[]; withPerson: boolean } = $props();

  function availableWords(row: BalanceRow): string {
    return row.askable === row.available
      ? ''
      : `${amount(row.available)} available on that day alone; leave approved for later needs the rest`;
  }

  function remark(row: BalanceRow): string {
    if (row.useBegins !== null && row.useBegins > asOf.day) {
      return `usable from ${day(row.useBegins)}`;
    }
    return lapseWords(row);
  }
</script>

<table class="figures" use:listKeys>
  <thead>
    <tr>
      {#if withPerson}<th>Person</th><th>Team</th>{/if}
      <th>Policy</th><th>Unit</th>
      <th class="number">Earned</th><th class="number">Used</th><th class="number">Booked</th>
      <th class="number">Withheld</th><th class="number">Balance</th><th class="number"
        >Can be asked</th
      >
      <th>Up ahead</th>
    </tr>
  </thead>
  <tbody>
    {#each rows as row (`${row.personId}/${row.policyId}`)}
      <tr>
        {#if withPerson}
          <td>{row.person}</td>
          <td>{row.team}</td>
        {/if}
        <td>
          <a data-row class="underline" href={`#/balances/${row.personId}/${row.policyId}`}
            >{row.policy}</a
          >
        </td>
        <td class="quiet">{unitName(row.unit)}</td>
        <td class="number"><Amount value={row.earned} /></td>
        <td class="number"><Amount value={row.used} /></td>
        <td class="number"><Amount value={row.booked} /></td>
        <td class="number"><Amount value={row.withheld} /></td>
        <td class="number font-semibold"><Amount value={row.balance} /></td>
        <td class="number" title={availableWords(row)}><Amount value={row.askable} /></td>
        <td class="quiet">{remark(row)}</td>
      </tr>
    {/each}
  </tbody>
</table>
