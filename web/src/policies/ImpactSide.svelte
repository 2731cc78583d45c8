<script lang="ts">
  import type { Coverage, Terms, Unit } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { exactDifference } from '../common/decimal';
  import { day, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Impact, type Question } from './impact.svelte';

  let {
    policyId,
    policyName,
    unit,
    terms,
    from,
    coverage,
  }: {
    policyId: number;
    policyName: string;
    unit: Unit;
    terms: Terms;
    from: string;
    coverage: Coverage;
  } = $props();

  const SHOWN = 50;

  const impact = new Impact();
  const { work } = impact;

  const question = $derived<Question>({ terms, from, coverage });
  const stale = $derived(impact.worked !== null && impact.worked !== JSON.stringify(question));
</script>

<div class="mt-4">
  <div class="flex flex-wrap items-center gap-3">
    <button
      class="btn btn-sm"
      disabled={work.busy || !from}
      onclick={() => impact.workOut(policyId, $state.snapshot(question) as Question)}
      >{impact.worked === null ? 'Show what it changes' : 'Work it out again'}</button
    >
    {#if work.busy}
      <progress class="progress w-48 progress-primary" value={impact.done} max={impact.people || 1}
      ></progress>
      <span class="quiet" role="status">{impact.done} of {impact.people || '…'} people</span>
    {:else if stale}
      <span class="quiet">The text, day or people have changed since.</span>
    {/if}
    {#if impact.rows.length > 0 && !work.busy}
      <button class="btn btn-sm" onclick={() => impact.download(policyId, policyName)}
        >Download CSV</button
      >
    {/if}
  </div>
  <div class="mt-2"><ProblemNote problem={work.problem} /></div>
  {#if impact.worked !== null && !work.busy}
    <p class="mt-2" data-impact>
      <strong>{impact.changed} of {impact.rows.length}</strong> balances change. Figures in {unitName(
        unit,
      )}, as forecast today.
    </p>
    {#each impact.corrects as each (each.payGroup)}
      <p data-corrects>
        {each.payGroup}: {each.runs === 1 ? '1 closed run' : `${each.runs} closed runs`} from {day(
          each.first,
        )} to {day(each.last)} would be corrected by the next one.
      </p>
    {/each}
    {#if impact.rows.length > 0}
      <div class={['mt-1 max-h-96 overflow-auto', stale && 'opacity-50']}>
        <table class="figures">
          <thead>
            <tr>
              <th>Person</th>
              {#each impact.days as on (on)}
                <th class="number" colspan="3">{day(on)}: today’s, new, difference</th>
              {/each}
            </tr>
          </thead>
          <tbody>
            <tr class="font-semibold">
              <td>Everybody together</td>
              {#each impact.days as on, index (on)}
                {@const before = impact.total('before', index)}
                {@const after = impact.total('after', index)}
                <td class="number"><Amount value={before} /></td>
                <td class="number"><Amount value={after} /></td>
                <td class="number"><Amount value={exactDifference(after, before)} change /></td>
              {/each}
            </tr>
            {#each impact.byOutliers.slice(0, SHOWN) as row (row.personId)}
              <tr>
                <td>
                  {row.person}
                  <span class="quiet block text-sm"
                    >{row.team}{row.enrolled ? '' : ', newly enrolled'}</span
                  >
                </td>
                {#each impact.days as on, index (on)}
                  <td class="number"><Amount value={row.before[index]!} /></td>
                  <td class="number"><Amount value={row.after[index]!} /></td>
                  <td class="number font-semibold"
                    ><Amount value={impact.difference(row, index)} change /></td
                  >
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      {#if impact.rows.length > SHOWN}
        <p class="quiet mt-1 text-sm">
          The {SHOWN} largest changes of {impact.rows.length}; the download has all.
        </p>
      {/if}
    {/if}
  {/if}
</div>
