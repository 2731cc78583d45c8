<script lang="ts">
  import { onDestroy } from 'svelte';
  import { SvelteSet } from 'svelte/reactivity';
  import { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Policy, YearEndRow, YearEndView } from '../api/types';
  import { read, written } from '../common/address';
  import Amount from '../common/Amount.svelte';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted, day, dayAndTime, money, peopleCounted, withUnit } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import Grant from './Grant.svelte';
  import { hasMoney, isShown, likelyYear, type Show, SHOWN, stateWords } from './state';
  import TeamSums from './TeamSums.svelte';

  const SHOWN_ROWS = 400;

  const asked = read(router.querystring ?? '');
  let policies = $state<Policy[]>([]);
  let policyId = $state(asked.policy ?? '');
  let chosenYear = $state<number | null>(asked.year ? Number(asked.year) : null);
  let show = $state<Show>(asked.show && asked.show in SHOWN ? (asked.show as Show) : 'ALL');
  let search = $state('');
  let view = $state.raw<YearEndView | null>(null);
  let problem = $state<Problem | null>(null);
  const chosen = new SvelteSet<number>();
  const ask = latest<YearEndView>();
  const progress = new LongWork();
  const work = new Work();

  onDestroy(() => progress.end());

  $effect(() => {
    answer(api.GET('/api/policies')).then(
      (loaded) => {
        policies = loaded.filter((each) => !each.recordedOnly && each.people > 0);
        if (policyId === '' && policies.length > 0) policyId = String(policies[0]!.id);
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  const policy = $derived(policies.find((each) => String(each.id) === policyId) ?? null);
  const thisYear = $derived(Number(session.current.today.slice(0, 4)));
  const year = $derived(
    chosenYear ?? (policy ? likelyYear(session.current.today, policy.benefitYear) : null),
  );
  const path = $derived({ id: Number(policyId), year: year ?? 0 });

  $effect(() => {
    const named = Object.entries({
      policy: policyId,
      year: String(chosenYear ?? ''),
      show: show === 'ALL' ? '' : show,
    }).filter(([, value]) => value !== '');
    if (router.location === '/year-end') void replace(`/year-end${written(named)}`);
  });

  $effect(() => {
    if (policy === null || year === null) return;
    const wanted = path;
    chosen.clear();
    ask(
      progress.of((token) =>
        answer(
          api.GET('/api/policies/{id}/year-ends/{year}', {
            params: { path: wanted, query: { progress: token } },
          }),
        ),
      ),
      (loaded) => {
        view = loaded;
        problem = null;
      },
      (thrown) => {
        view = null;
        problem = Problem.of(thrown);
      },
    );
  });

  const rows = $derived((view?.rows ?? []).filter((row) => isShown(row, show, search)));
  const inMoney = $derived(view !== null && hasMoney(view));
  const ahead = $derived((view?.ahead ?? 0) > 0);

  async function keep() {
    await work.do(async () => {
      view = await answer(
        api.PUT('/api/policies/{id}/year-ends/{year}/review', { params: { path } }),
      );
      said.say('Kept. What comes of it will be held against this.');
    });
  }

  async function takeBack(row: YearEndRow) {
    await work.do(async () => {
      await answer(
        api.DELETE('/api/people/{personId}/exceptions/{id}', {
          params: { path: { personId: row.personId, id: row.exceptionId! } },
        }),
      );
      view = await answer(api.GET('/api/policies/{id}/year-ends/{year}', { params: { path } }));
      said.say(`${row.person} carries over what the policy says again.`);
    });
  }

  function granted(changed: YearEndView) {
    view = changed;
    said.say(`${peopleCounted(chosen.size)} may carry over otherwise.`);
    chosen.clear();
  }

  function choose(row: YearEndRow) {
    if (!chosen.delete(row.personId)) chosen.add(row.personId);
  }

  function chooseAll() {
    if (chosen.size > 0) chosen.clear();
    else for (const row of rows) if (row.held !== null) chosen.add(row.personId);
  }

  /** What it comes to, in one sentence. */
  const sentence = $derived.by(() => {
    if (view === null || view.first === null) return '';
    const { all, unit, first, last } = view;
    const when = first === last ? `On ${day(first)}` : `From ${day(first)} to ${day(last!)}`;
    const happens = ahead ? 'carry' : 'carried';
    const lost =
      all.losing === 0
        ? 'nobody loses any'
        : `${peopleCounted(all.losing)} ${ahead ? (all.losing === 1 ? 'loses' : 'lose') : 'lost'} ${withUnit(all.lost, unit)}`;
    const paid = Number(all.paidOut) > 0 ? `, and ${withUnit(all.paidOut, unit)} are paid out` : '';
    const worth = all.lostWorth && Number(all.lost) > 0 ? ` (${money(all.lostWorth)})` : '';
    return `${when}, ${peopleCounted(all.people)} ${happens} over ${withUnit(all.carried, unit)}; ${lost}${worth}${paid}.`;
  });
</script>

<div class="mb-3 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto">Year's end</h1>
  <select class="select w-48" aria-label="Policy" bind:value={policyId}>
    {#each policies as each (each.id)}<option value={String(each.id)}>{each.name}</option>{/each}
  </select>
  <select
    class="select w-28"
    aria-label="Year in which the new benefit year begins"
    bind:value={() => year, (picked) => (chosenYear = picked)}
  >
    {#each [thisYear - 1, thisYear, thisYear + 1, thisYear + 2, thisYear + 3] as each (each)}
      <option value={each}>{each}</option>
    {/each}
  </select>
  {#if view && view.rows.length > 0}
    <Downloads path={`/api/policies/${view.policyId}/year-ends/${view.year}/table`} />
  {/if}
</div>
<ProblemNote {problem} />
<ProblemNote problem={work.problem} />
{#if progress.step && progress.step.of > 0}
  <p class="quiet" role="status">
    {progress.step.what}: {progress.step.done} of {progress.step.of}
  </p>
{/if}
{#if view === null}
  {#if !problem}<Waiting what="Working out the year's end" />{/if}
{:else if view.rows.length === 0}
  <Empty><p>No benefit year of {view.policy} begins for anybody in {view.year}.</p></Empty>
{:else}
  <p class="mb-2 max-w-4xl text-lg" data-sentence>{sentence}</p>
  <div
    class={[
      'mb-3 flex flex-wrap items-center gap-3 border-l-4 bg-base-200 px-3 py-2',
      view.changed > 0 ? 'border-error' : 'border-secondary dark:border-info',
    ]}
    data-review
  >
    <span class="grow">
      {#if view.keptAt === null}
        {ahead
          ? 'Nobody has kept a review yet. It happens by itself; what is kept here is held against what comes of it.'
          : 'It happened without a review.'}
      {:else}
        Reviewed on {dayAndTime(view.keptAt)} by {view.keptBy}.
        {view.changed === 0
          ? ahead
            ? 'Nothing has changed since.'
            : 'All came as reviewed.'
          : `${peopleCounted(view.changed)} ${ahead ? 'would come' : 'came'} out otherwise.`}
        {#if view.changed > 0}
          <button class="link" onclick={() => (show = 'OTHERWISE')}>Show them</button>
        {/if}
      {/if}
    </span>
    {#if ahead}
      <button class="btn btn-primary" disabled={work.busy} onclick={keep}
        >{view.keptAt === null ? 'Keep this review' : 'Keep it anew'}</button
      >
    {/if}
  </div>
  <details class="mb-3" open>
    <summary class="cursor-pointer font-semibold">By team</summary>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="overflow-x-auto" role="region" aria-label="Sums by team" tabindex="0">
      <TeamSums {view} />
    </div>
  </details>
  <div class="mb-2 flex flex-wrap items-center gap-3">
    <input
      class="input w-56"
      type="search"
      placeholder="Name, code or team"
      aria-label="Search"
      bind:value={search}
    />
    <label class="flex items-center gap-2 text-sm"
      >Show
      <select class="select w-72 select-sm" name="show" bind:value={show}>
        {#each Object.entries(SHOWN) as [key, words] (key)}<option value={key}>{words}</option
          >{/each}
      </select></label
    >
    <span class="quiet ml-auto text-sm">{counted(rows.length, 'year’s end')}</span>
  </div>
  <div class="overflow-x-auto">
    <table class="figures" data-year-end>
      <thead>
        <tr>
          <th
            ><input
              type="checkbox"
              class="checkbox checkbox-sm"
              aria-label="Choose all that are shown"
              checked={chosen.size > 0}
              onchange={chooseAll}
            /></th
          >
          <th>Person</th><th>Team</th>
          {#if view.first !== view.last}<th>New year</th>{/if}
          <th class="number">Holds</th><th class="number">Carries over</th>
          <th class="number">Loses</th><th class="number">Paid out</th>
          {#if inMoney}<th class="number">Lost, in money</th>{/if}
          <th>With the review</th>
        </tr>
      </thead>
      <tbody>
        {#each rows.slice(0, SHOWN_ROWS) as row (row.personId)}
          <tr>
            <td
              ><input
                type="checkbox"
                class="checkbox checkbox-sm"
                aria-label={`Choose ${row.person}`}
                disabled={row.held === null}
                checked={chosen.has(row.personId)}
                onchange={() => choose(row)}
              /></td
            >
            <td
              ><a class="underline" href={`#/balances/${row.personId}/${view.policyId}`}
                >{row.person}</a
              ></td
            >
            <td class="quiet">{row.team}</td>
            {#if view.first !== view.last}<td>{day(row.on)}</td>{/if}
            {#each [row.held, row.carried, row.lost, row.paidOut] as figure, at (at)}
              <td class="number"
                >{#if figure !== null}<Amount value={figure} />{/if}</td
              >
            {/each}
            {#if inMoney}
              <td class="number">{row.lostWorth === null ? '' : money(row.lostWorth)}</td>
            {/if}
            <td class="text-sm">
              {stateWords(row, view.keptAt !== null)}
              {#if row.says}<span class="block">{row.says}</span>{/if}
              {#if row.ownCarry !== null}
                <span class="block"
                  >may carry {withUnit(row.ownCarry, row.unit)} by exception
                  {#if row.exceptionId !== null}<button
                      class="link"
                      disabled={work.busy}
                      onclick={() => takeBack(row)}>Take it back</button
                    >{/if}</span
                >
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  {#if rows.length > SHOWN_ROWS}
    <p class="quiet mt-1 text-sm">
      {rows.length - SHOWN_ROWS} more; search for whom you want, or take the table.
    </p>
  {/if}
  {#if chosen.size > 0}
    <Grant {view} chosen={[...chosen]} done={granted} />
  {/if}
{/if}
