<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { PersonRate, RateRow } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import { day, money } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import { PER } from './rates';

  let { row, close, changed }: { row: RateRow; close: () => void; changed: () => void } = $props();

  let all = $state<PersonRate[]>([]);
  let from = $state(session.current.today);
  let amount = $state('');
  let per = $state<PersonRate['per']>(untrack(() => row.per ?? 'HOUR'));
  const work = new Work();
  const path = $derived({ personId: row.personId });

  $effect(() => {
    void work.do(async () => {
      all = await answer(api.GET('/api/pay-rates/people/{personId}', { params: { path } }));
    });
  });

  async function set() {
    await work.do(async () => {
      const body = { from, amount: amount.trim().replace(',', '.'), per };
      all = await answer(api.PUT('/api/pay-rates/people/{personId}', { params: { path }, body }));
      amount = '';
      changed();
    });
  }

  async function remove(rate: PersonRate) {
    await work.do(async () => {
      const query = { day: rate.from };
      all = await answer(
        api.DELETE('/api/pay-rates/people/{personId}', { params: { path, query } }),
      );
      // what was removed stands in the fields, to be set again
      ({ from, amount, per } = rate);
      changed();
    });
  }
</script>

<SidePanel title={`What ${row.person} is paid`} {close}>
  {#if all.length === 0}
    <p class="quiet">No rate yet.</p>
  {:else}
    <table class="figures" data-own-rates>
      <thead
        ><tr
          ><th>From</th><th class="number">Rate</th><th>for</th><th
            ><span class="sr-only">Remove</span></th
          ></tr
        ></thead
      >
      <tbody>
        {#each all.toReversed() as rate (rate.from)}
          <tr>
            <td>{day(rate.from)}</td>
            <td class="number">{money(rate.amount)}</td>
            <td>{PER[rate.per]}</td>
            <td
              ><button
                class="btn btn-ghost btn-xs"
                disabled={work.busy}
                onclick={() => remove(rate)}>Remove</button
              ></td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  <form
    class="mt-5 flex flex-wrap items-end gap-3"
    onsubmit={(event) => {
      event.preventDefault();
      void set();
    }}
  >
    <label class="block">
      <span class="block text-sm font-semibold">Another rate from</span>
      <DateField class="input w-36" name="rate-from" bind:value={from} />
    </label>
    <label class="block">
      <span class="block text-sm font-semibold">Amount</span>
      <input class="input w-28" inputmode="decimal" name="rate-amount" bind:value={amount} />
    </label>
    <label class="block">
      <span class="block text-sm font-semibold">for</span>
      <select class="select w-28" name="rate-per" bind:value={per}>
        {#each Object.entries(PER) as [key, words] (key)}<option value={key}>{words}</option>{/each}
      </select>
    </label>
    <button class="btn btn-primary" disabled={work.busy || amount.trim() === ''}>Set it</button>
  </form>
  <div class="mt-3"><ProblemNote problem={work.problem} /></div>
</SidePanel>
