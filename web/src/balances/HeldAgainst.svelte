<script lang="ts">
  import { onDestroy } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { HeldRow, Policy } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import DateField from '../common/DateField.svelte';
  import Empty from '../common/Empty.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { counted, longDay, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import UnreadRows from '../common/UnreadRows.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Against, differs, settling } from './against.svelte';
  import BalanceBeside from './BalanceBeside.svelte';
  import { prepared } from './prepared.svelte';

  const SHOWN = 300;

  const against = new Against();
  const { work } = against;
  let policies = $state<Policy[]>([]);
  let beside = $state<HeldRow | null>(null);

  onDestroy(() => against.progress.end());

  $effect(() => {
    answer(api.GET('/api/policies')).then((loaded) => {
      policies = loaded.filter((each) => !each.recordedOnly && each.people > 0);
      against.policyId ??= policies[0]?.id ?? null;
    });
  });

  const canBeSettled = $derived(settling(against.different, against.asOf));
  const chosenRows = $derived(
    against.different.filter((row) => against.chosen.includes(against.keyOf(row))),
  );

  function settle(rows: HeldRow[]) {
    prepared.what = `Held against another record of ${longDay(against.asOf)}`;
    prepared.rows = settling(rows, against.asOf);
    void push('/balances/adjust');
  }

  /** Rows by the sentence that explains them, where it explains several. */
  const causes = $derived.by(() => {
    const byKind: Record<string, number> = {};
    for (const row of against.different) {
      const kind = row.causes[0]?.kind ?? (row.theirs === null ? 'NOT_THERE' : 'UNEXPLAINED');
      byKind[kind] = (byKind[kind] ?? 0) + 1;
    }
    return Object.entries(byKind).sort(([, one], [, other]) => other - one);
  });

  const KINDS: Record<string, string> = {
    ROUNDED: 'rounded',
    EARNING_IS_MISSING: 'earning missing there',
    EARNING_IS_THERE_ALREADY: 'earning there already',
    LEAVE_IS_MISSING: 'leave missing there',
    LEAVE_IS_THERE_TWICE: 'leave there twice',
    BOOKED_LEAVE_IS_THERE_ALREADY: 'booked leave there already',
    HOLIDAY_IS_CHARGED: 'a holiday charged',
    NOTHING_WAS_WITHHELD: 'a limit not known there',
    NOTHING_LAPSED: 'kept what lapsed here',
    ADJUSTMENT_IS_MISSING: 'adjustment missing there',
    NOT_THERE: 'not in the other record',
    UNEXPLAINED: 'not explained by one event',
  };
</script>

<h1 class="mb-1">Held against another record</h1>
<p class="quiet mb-4 max-w-3xl">
  Bring the balances of another system or an old sheet as of a day: each is held against the balance
  here, and where one event explains a difference, it is named. Nothing is changed by looking.
</p>
<div class="mb-3 flex flex-wrap items-end gap-4">
  <label>
    <span class="block text-sm font-semibold">The other record is of</span>
    <DateField
      class="input w-44"
      name="asOf"
      value={against.asOf}
      onchange={(day) => {
        against.asOf = day;
        void against.readAgain();
      }}
    />
  </label>
  <label>
    <span class="block text-sm font-semibold">Policy, where it names none</span>
    <select
      class="select w-56"
      name="policy"
      bind:value={against.policyId}
      onchange={() => void against.readAgain()}
    >
      {#each policies as each (each.id)}<option value={each.id}>{each.name}</option>{/each}
    </select>
  </label>
</div>
<FileOrPaste chosen={(file) => against.read(file)} what="another record" />
{#if against.found}
  <p class="quiet mt-2">Read as {against.found.encoding}.</p>
  <ColumnsRead read={against.found} reading={against.how} again={() => against.readAgain()} />
{/if}
<ProblemNote problem={work.problem} />
{#if work.busy}
  {@const step = against.progress.step}
  <Waiting
    what={step && step.of > 0
      ? `${step.what}: ${step.done} of ${step.of}`
      : 'Holding them against each other'}
  />
{/if}
{#if against.found && !work.busy}
  <UnreadRows rows={against.found.unread} />
  {#if against.rows.length > 0}
    <div class="mt-4 mb-2 flex flex-wrap items-center gap-3">
      <span class="font-semibold" data-differences
        >{counted(against.different.length, 'difference')} in {counted(
          against.rows.length,
          'balance',
        )}</span
      >
      <span class="quiet text-sm"
        >{causes.map(([kind, count]) => `${count} ${KINDS[kind] ?? kind}`).join(', ')}</span
      >
      <label class="flex items-center gap-1.5 text-sm">
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={against.onlyDifferent} />
        only those that differ
      </label>
      <span class="ml-auto flex gap-2">
        <button class="btn btn-sm" onclick={() => against.download()}>Download CSV</button>
        {#if chosenRows.length > 0}
          <button class="btn btn-primary btn-sm" onclick={() => settle(chosenRows)}
            >Adjust the {chosenRows.length} chosen…</button
          >
        {/if}
        {#if canBeSettled.length > 0}
          <button class="btn btn-sm" onclick={() => settle(against.different)}
            >Adjust all {canBeSettled.length}…</button
          >
        {/if}
      </span>
    </div>
    {#if against.shown.length === 0}
      <Empty><p>No balance differs.</p></Empty>
    {:else}
      <div class="sheet max-h-[28rem] overflow-auto" data-held>
        <table class="figures">
          <thead>
            <tr>
              <th><span class="sr-only">Choose</span></th><th>Person</th><th>Policy</th><th
                class="number">Here</th
              ><th class="number">There</th><th class="number">Difference</th><th>Likely cause</th>
            </tr>
          </thead>
          <tbody>
            {#each against.shown.slice(0, SHOWN) as row (against.keyOf(row))}
              <tr>
                <td>
                  {#if differs(row) && row.enrolled && row.theirs !== null}
                    <input
                      type="checkbox"
                      class="checkbox checkbox-sm"
                      aria-label={`Choose ${row.person}`}
                      value={against.keyOf(row)}
                      bind:group={against.chosen}
                    />
                  {/if}
                </td>
                <td
                  ><button class="text-left underline" onclick={() => (beside = row)}
                    >{row.person}</button
                  > <span class="quiet text-sm">{row.team}</span></td
                >
                <td>{row.policy}, {unitName(row.unit)}</td>
                <td class="number"><Amount value={row.ours} /></td>
                <td class="number"
                  >{#if row.theirs !== null}<Amount value={row.theirs} />{/if}</td
                >
                <td class="number font-semibold"
                  >{#if row.difference !== null}<Amount value={row.difference} change />{/if}</td
                >
                <td class="text-sm">
                  {#if !row.enrolled}Not enrolled in this policy here.
                  {:else if row.theirs === null}The other record does not have it.
                  {:else if row.causes.length > 0}
                    {row.causes[0]!.says}
                    {#if row.causes.length > 1}
                      <details class="inline-block align-top">
                        <summary class="quiet cursor-pointer underline"
                          >or {row.causes.length - 1} other</summary
                        >
                        <ul>
                          {#each row.causes.slice(1, 6) as cause (cause)}<li>
                              {cause.says}
                            </li>{/each}
                        </ul>
                      </details>
                    {/if}
                  {:else if differs(row)}<span class="quiet">No single event explains it.</span
                    >{/if}
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      {#if against.shown.length > SHOWN}
        <p class="quiet text-sm">The first {SHOWN} of {against.shown.length} are shown.</p>
      {/if}
    {/if}
  {/if}
{/if}
{#if beside}
  <BalanceBeside
    personId={beside.personId}
    policyId={beside.policyId}
    asOf={against.asOf}
    close={() => (beside = null)}
  />
{/if}
