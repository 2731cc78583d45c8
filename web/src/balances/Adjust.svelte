<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { BalanceDetail } from '../api/types';
  import { exactSum } from '../common/decimal';
  import { amount, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';

  let { detail, done, close }: { detail: BalanceDetail; done: () => void; close: () => void } =
    $props();

  let on = $state(untrack(() => detail.asOf));
  let change = $state('');
  let reason = $state('');
  const work = new Work();

  const typed = $derived(change.trim().replace('−', '-').replace(',', '.'));
  const isNumber = $derived(/^[+-]?\d+(\.\d+)?$/.test(typed));
  const after = $derived(
    isNumber ? exactSum([detail.figures.balance, typed.replace('+', '')]) : null,
  );

  async function adjust(event: SubmitEvent) {
    event.preventDefault();
    if (!isNumber) {
      work.problem = new Problem('Please give the amount as a number, with a minus to take away.');
      return;
    }
    await work.do(async () => {
      await answer(
        api.POST('/api/people/{personId}/balances/{policyId}/adjustments', {
          params: {
            path: { personId: detail.figures.personId, policyId: detail.figures.policyId },
          },
          body: { on, amount: typed.replace('+', ''), reason },
        }),
      );
      done();
    });
  }
</script>

<SidePanel title={`Adjust ${detail.figures.policy} of ${detail.figures.person}`} {close}>
  <form class="space-y-4" onsubmit={adjust}>
    <p>
      An adjustment adds to the balance or takes away from it on its day. No limit cuts it and it
      does not count as earned. A day of a closed period comes back as a correction in the next run.
    </p>
    <label class="block">
      <span class="font-semibold">Day</span>
      <DateField class="input mt-1 block w-44" name="on" bind:value={on} />
    </label>
    <label class="block">
      <span class="font-semibold">Change in {unitName(detail.figures.unit)}</span>
      <input
        class="input mt-1 block w-44"
        inputmode="decimal"
        name="amount"
        placeholder="such as 4.5 or −2"
        bind:value={change}
      />
    </label>
    {#if after !== null && on === detail.asOf}
      <p>
        {amount(detail.figures.balance)} becomes <strong>{amount(after)}</strong>
        {unitName(detail.figures.unit)}.
      </p>
    {/if}
    <label class="block">
      <span class="font-semibold">Why</span>
      <textarea class="textarea mt-1 w-full" rows="2" name="reason" bind:value={reason}></textarea>
    </label>
    <ProblemNote problem={work.problem} />
    <button class="btn btn-primary" disabled={work.busy || !on || !typed || reason.trim() === ''}
      >Adjust the balance</button
    >
  </form>
</SidePanel>
