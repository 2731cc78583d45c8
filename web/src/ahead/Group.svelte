<script lang="ts">
  import { untrack } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Foreseen, ForeseenRow } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { day, longDay, unitName } from '../common/format';
  import More from '../common/More.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Rows } from '../common/rows.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { entering } from '../frame/entering.svelte';
  import { session } from '../frame/session.svelte';
  import { prepared } from '../balances/prepared.svelte';
  import type { Wanted } from './wanted';

  let {
    group,
    query,
    tell,
  }: { group: Foreseen; query: Wanted; tell: (rows: ForeseenRow[]) => void } = $props();

  let open = $state(false);
  const lines = $derived(new Rows(group.lines, part(group, query)));

  function part({ what, policyId, on }: Foreseen, wanted: Wanted) {
    const ofGroup = { groupWhat: what, groupPolicyId: policyId, on };
    return async (page: number, size: number) => {
      const query = { ...wanted, ...ofGroup, page, size };
      return (await answer(api.GET('/api/ahead/lines', { params: { query } }))).items;
    };
  }

  $effect(() => {
    const now = lines;
    if (open) untrack(() => void now.more());
  });

  /** What helps against it, prepared as adjustments: given back on its day, or brought up to zero. */
  const remedy = $derived.by(() => {
    if (group.what === 'LAPSE') {
      const reason = `given back: would lapse on ${longDay(group.on)}`;
      return { words: 'Give it back', reason, amount: (row: ForeseenRow) => row.amount! };
    }
    if (group.what === 'BELOW_ZERO') {
      const reason = 'brought up to zero';
      return {
        words: 'Bring up to zero',
        reason,
        amount: (row: ForeseenRow) => row.amount!.replace('-', ''),
      };
    }
    return null;
  });

  async function withAll(act: (rows: ForeseenRow[]) => void) {
    const all = await lines.all();
    if (all) act(all);
  }

  function adjust(rows: ForeseenRow[]) {
    prepared.what = `${group.policy}, ${remedy!.reason}`;
    prepared.rows = rows.map((row) => ({
      personId: row.personId,
      policyId: row.policyId,
      on: row.on,
      amount: remedy!.amount(row),
      reason: remedy!.reason,
    }));
    void push('/balances/adjust');
  }

  function book(row: ForeseenRow) {
    const first = session.current.today;
    entering.leave = {
      person: { id: row.personId, name: row.person },
      policyId: row.policyId,
      first,
      last: first,
    };
  }

  const canAdjust = $derived(remedy !== null && session.may('ADJUST_BALANCES'));
  const helpsToUse = $derived(['LAPSE', 'WITHHELD', 'LIMIT_REACHED'].includes(group.what));
</script>

<li class="relative py-1 pl-4" data-group={group.what}>
  <span class="absolute top-3.5 -left-[0.3rem] h-2 w-2 rotate-45 bg-primary" aria-hidden="true"
  ></span>
  <details bind:open>
    <summary class="cursor-pointer">
      <span class="inline-block w-28 font-semibold">{day(group.on)}</span>
      <span class="quiet">{group.policy}:</span>
      <span title={group.amount ?? undefined}>{group.says}</span>
    </summary>
    <div class="mt-2 mb-3 ml-28 space-y-2">
      <p class="flex flex-wrap gap-2">
        <button class="btn btn-sm" onclick={() => withAll(tell)}
          >Tell {group.lines === 1 ? 'them' : `all ${group.lines}`}</button
        >
        {#if canAdjust}
          <button class="btn btn-sm" onclick={() => withAll(adjust)}
            >{remedy!.words}{group.lines > 1 ? ', for all' : ''}…</button
          >
        {/if}
        <a class="btn btn-ghost btn-sm" href={`#/balances?policy=${group.policyId}&on=${group.on}`}
          >Balances that day</a
        >
      </p>
      <ProblemNote problem={lines.problem} />
      <div class="max-h-80 overflow-auto">
        <table class="figures">
          <thead>
            <tr>
              <th>Person</th><th>Team</th><th>Day</th><th class="number">{unitName(group.unit)}</th
              ><th>What can be done</th>
            </tr>
          </thead>
          <tbody>
            {#each lines.rows as row, index (index)}
              <tr title={row.message}>
                <td
                  ><a class="underline" href={`#/balances/${row.personId}/${row.policyId}`}
                    >{row.person}</a
                  ></td
                >
                <td class="quiet">{row.team}</td>
                <td class="whitespace-nowrap">{day(row.on)}</td>
                <td class="number"
                  >{#if row.amount}<Amount value={row.amount} />{/if}</td
                >
                <td class="space-x-3 text-sm whitespace-nowrap">
                  <button class="underline" onclick={() => tell([row])}>Tell</button>
                  {#if helpsToUse && session.may('ENTER_LEAVE')}
                    <button class="underline" onclick={() => book(row)}>Book leave</button>
                  {/if}
                  {#if canAdjust}
                    <button class="underline" onclick={() => adjust([row])}>{remedy!.words}</button>
                  {/if}
                  {#if session.may('KEEP_PEOPLE')}
                    <a class="underline" href={`#/people/${row.personId}`}>Own terms</a>
                  {/if}
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
        {#if lines.rows.length === 0 && lines.busy}<Waiting what="Fetching them" />{/if}
        {#if lines.rows.length > 0}<More left={lines.left} more={() => void lines.more()} />{/if}
      </div>
    </div>
  </details>
</li>
