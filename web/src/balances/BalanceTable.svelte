<script lang="ts">
  import type { BalanceRow, Column } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import DataTable from '../common/DataTable.svelte';
  import { amount } from '../common/format';

  let { columns, rows }: { columns: Column[]; rows: BalanceRow[] } = $props();

  function availableWords(row: BalanceRow): string {
    return row.askable === row.available
      ? ''
      : `${amount(row.available)} available on that day alone; leave approved for later needs the rest`;
  }
</script>

{#snippet policy(row: BalanceRow)}
  <a data-row class="underline" href={`#/balances/${row.personId}/${row.policyId}`}>{row.policy}</a>
{/snippet}

{#snippet askable(row: BalanceRow)}
  <span title={availableWords(row)}><Amount value={row.askable} /></span>
{/snippet}

{#snippet upAhead(row: BalanceRow)}
  <span class="quiet">{row.upAhead}</span>
{/snippet}

<DataTable
  {columns}
  {rows}
  key={(row) => `${row.personId}/${row.policyId}`}
  cells={{ policy, askable, upAhead }}
/>
