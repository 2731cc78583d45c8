<script lang="ts">
  import { answer, api } from '../api/client';
  import type { BalanceRow } from '../api/types';
  import { lapsesNext } from '../balances/lapsing';
  import { isZero } from '../common/decimal';
  import { withUnit } from '../common/format';

  let { personId, asOf }: { personId: number; asOf: string } = $props();

  let rows = $state<BalanceRow[]>([]);

  $effect(() => {
    const path = { personId };
    answer(api.GET('/api/people/{personId}/balances', { params: { path, query: { asOf } } })).then(
      (loaded) =>
        (rows = loaded.items.filter((row) => row.kind === 'TIME_IN_LIEU' && !isZero(row.balance))),
      () => (rows = []),
    );
  });
</script>

{#each rows as row (row.policyId)}
  <p class="quiet mb-2 text-sm" data-lieu>
    {row.policy}: {withUnit(row.balance, row.unit)}{lapsesNext(row) ? `; ${lapsesNext(row)}` : ''}
  </p>
{/each}
