<script lang="ts">
  import { answer, api } from '../api/client';
  import type { BalanceDetail, WorksheetRow } from '../api/types';
  import Ledger from '../balances/Ledger.svelte';
  import Amount from '../common/Amount.svelte';
  import { longDay, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  let {
    row,
    until,
    back,
    close,
  }: {
    row: WorksheetRow;
    /** The last day of the run. */
    until: string;
    /** Goes back to the row. */
    back: () => void;
    close: () => void;
  } = $props();

  let detail = $state<BalanceDetail | null>(null);
  const work = new Work();

  $effect(() => {
    const path = { personId: row.personId, policyId: row.policyId };
    void work.do(async () => {
      detail = await answer(
        api.GET('/api/people/{personId}/balances/{policyId}', {
          params: { path, query: { asOf: until } },
        }),
      );
    });
  });

  const lines = $derived(
    detail === null ? [] : detail.lines.filter((line) => line.on <= until).reverse(),
  );
</script>

<SidePanel title={`${row.person}: ${row.policy}, its ledger`} {close}>
  <button class="mb-3 underline" onclick={back}>Back to the run’s figures</button>
  <ProblemNote problem={work.problem} />
  {#if detail !== null}
    <p class="mb-2">
      <Amount value={detail.figures.balance} />
      {unitName(row.unit)} on {longDay(until)}, as it is now
    </p>
    <Ledger {lines} of={detail.figures} />
  {:else if !work.problem}
    <Waiting what="Working out this balance" />
  {/if}
</SidePanel>
