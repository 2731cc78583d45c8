<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Coverage, ImpactRow, ImpactView, Terms, Unit } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { saveCsv } from '../common/csv';
  import { exactDifference, exactSum } from '../common/decimal';
  import { day, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';

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

  const SIZE = 2000;
  const SHOWN = 50;

  let days = $state<string[]>([]);
  let rows = $state<ImpactRow[]>([]);
  let corrects = $state<ImpactView['corrects']>([]);
  let done = $state(0);
  let people = $state(0);
  let busy = $state(false);
  let worked = $state<string | null>(null);
  let problem = $state<Problem | null>(null);

  const question = $derived(JSON.stringify({ terms, from, coverage }));
  const stale = $derived(worked !== null && worked !== question);

  async function workOut() {
    const asked = question;
    busy = true;
    problem = null;
    done = 0;
    const found: ImpactRow[] = [];
    try {
      for (let page = 0; page === 0 || done < people; page++) {
        const part = await answer(
          api.POST('/api/policies/{id}/impact', {
            params: { path: { id: policyId }, query: { page, size: SIZE } },
            body: JSON.parse(asked) as { terms: Terms; from: string; coverage: Coverage },
          }),
        );
        people = part.people;
        days = part.days;
        if (page === 0) corrects = part.corrects;
        found.push(...part.rows);
        done = Math.min(people, (page + 1) * SIZE);
      }
      rows = found;
      worked = asked;
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }

  function difference(row: ImpactRow, index: number): string {
    return exactDifference(row.after[index]!, row.before[index]!);
  }

  function size(row: ImpactRow): number {
    return Math.max(...days.map((_, index) => Math.abs(Number(difference(row, index)))));
  }

  const byOutliers = $derived([...rows].sort((one, other) => size(other) - size(one)));
  const changed = $derived(rows.filter((row) => size(row) > 0).length);

  function total(side: 'before' | 'after', index: number): string {
    return exactSum(rows.map((row) => row[side][index]!));
  }

  function download() {
    saveCsv(`impact-${policyName}-from-${from}`, [
      [
        'person',
        'team',
        'enrolled today',
        ...days.flatMap((on) => [`${on} today’s rules`, `${on} new rules`, `${on} difference`]),
      ],
      ...byOutliers.map((row) => [
        row.person,
        row.team,
        row.enrolled ? 'yes' : 'no',
        ...days.flatMap((_, index) => [
          row.before[index]!,
          row.after[index]!,
          difference(row, index),
        ]),
      ]),
    ]);
  }
</script>

<div class="mt-4">
  <div class="flex flex-wrap items-center gap-3">
    <button class="btn btn-sm" disabled={busy || !from} onclick={workOut}
      >{worked === null ? 'Show what it changes' : 'Work it out again'}</button
    >
    {#if busy}
      <progress class="progress w-48 progress-primary" value={done} max={people || 1}></progress>
      <span class="quiet" role="status">{done} of {people || '…'} people</span>
    {:else if stale}
      <span class="quiet">The text, day or people have changed since.</span>
    {/if}
    {#if rows.length > 0 && !busy}
      <button class="btn btn-sm" onclick={download}>Download CSV</button>
    {/if}
  </div>
  <div class="mt-2"><ProblemNote {problem} /></div>
  {#if worked !== null && !busy}
    <p class="mt-2" data-impact>
      <strong>{changed} of {rows.length}</strong> balances change. Figures in {unitName(unit)}, as
      forecast today.
    </p>
    {#each corrects as each (each.payGroup)}
      <p data-corrects>
        {each.payGroup}: {each.runs === 1 ? '1 closed run' : `${each.runs} closed runs`} from {day(
          each.first,
        )} to {day(each.last)} would be corrected by the next one.
      </p>
    {/each}
    {#if rows.length > 0}
      <div class={['mt-1 max-h-96 overflow-auto', stale && 'opacity-50']}>
        <table class="figures">
          <thead>
            <tr>
              <th>Person</th>
              {#each days as on (on)}
                <th class="number" colspan="3">{day(on)}: today’s, new, difference</th>
              {/each}
            </tr>
          </thead>
          <tbody>
            <tr class="font-semibold">
              <td>Everybody together</td>
              {#each days as on, index (on)}
                {@const before = total('before', index)}
                {@const after = total('after', index)}
                <td class="number"><Amount value={before} /></td>
                <td class="number"><Amount value={after} /></td>
                <td class="number"><Amount value={exactDifference(after, before)} change /></td>
              {/each}
            </tr>
            {#each byOutliers.slice(0, SHOWN) as row (row.personId)}
              <tr>
                <td>
                  {row.person}
                  <span class="quiet block text-sm"
                    >{row.team}{row.enrolled ? '' : ', newly enrolled'}</span
                  >
                </td>
                {#each days as on, index (on)}
                  <td class="number"><Amount value={row.before[index]!} /></td>
                  <td class="number"><Amount value={row.after[index]!} /></td>
                  <td class="number font-semibold"
                    ><Amount value={difference(row, index)} change /></td
                  >
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      {#if rows.length > SHOWN}
        <p class="quiet mt-1 text-sm">
          The {SHOWN} largest changes of {rows.length}; the download has all.
        </p>
      {/if}
    {/if}
  {/if}
</div>
