<script lang="ts">
  import { answer, api } from '../api/client';
  import type { BalanceDetail } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { day, longDay, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import Ledger from './Ledger.svelte';
  import StepLine from './StepLine.svelte';

  let {
    personId,
    policyId,
    asOf,
    close,
  }: { personId: number; policyId: number; asOf: string; close: () => void } = $props();

  let detail = $state<BalanceDetail | null>(null);
  const work = new Work();

  $effect(() => {
    const params = { path: { personId, policyId }, query: { asOf } };
    void work.do(async () => {
      detail = await answer(api.GET('/api/people/{personId}/balances/{policyId}', { params }));
    });
  });

  const until = $derived(detail ? detail.lines.filter((line) => line.on <= asOf).reverse() : []);
</script>

<SidePanel
  title={detail ? `${detail.figures.person}: ${detail.figures.policy}` : 'One balance'}
  wide
  {close}
>
  <ProblemNote problem={work.problem} />
  {#if detail === null}
    {#if !work.problem}<Waiting what="Working out this balance" />{/if}
  {:else}
    {@const row = detail.figures}
    <div class="mb-2 flex flex-wrap items-baseline justify-between gap-3" data-made-of>
      <p>
        On {longDay(detail.asOf)}, in {unitName(row.unit)}: carried <Amount value={row.carried} /> + earned
        <Amount value={row.earned} /> − used <Amount value={row.used} />
        {#if row.adjusted !== '0'}± adjusted <Amount value={row.adjusted} change />{/if}
        {#if row.lapsed !== '0'}− lapsed <Amount value={row.lapsed} />{/if}
        {#if row.paidOut !== '0'}− paid out <Amount value={row.paidOut} />{/if}
        = <strong><Amount value={row.balance} /></strong>
      </p>
      <a class="underline" href={`#/balances/${personId}/${policyId}`}>Its own page</a>
    </div>
    <div class="sheet px-2 pt-2"><StepLine {detail} /></div>
    <h3 class="mt-4 mb-1 font-semibold">
      {asOf > detail.today
        ? 'Up to that day, from ' + day(detail.today) + ' on a forecast'
        : 'Up to that day'}
    </h3>
    <Ledger lines={until} of={row} />
  {/if}
</SidePanel>
