<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { SvelteSet } from 'svelte/reactivity';
  import { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Policy, YearEndRow, YearEndView } from '../api/types';
  import { read, written } from '../common/address';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted, dayAndTime, peopleCounted } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import { said } from '../common/said.svelte';
  import { soon } from '../common/soon';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import Grant from './Grant.svelte';
  import PeopleTable from './PeopleTable.svelte';
  import { likelyYear, sentenceOf, type Show, SHOWN } from './state';
  import TeamSums from './TeamSums.svelte';

  const TYPING = 200;
  /** As many as leave room for the people. */
  const FEW_TEAMS = 30;

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

  const wanted = $derived({ show, search });

  function fetch(from: typeof path, people: typeof wanted) {
    ask(
      progress.of((token) =>
        answer(
          api.GET('/api/policies/{id}/year-ends/{year}', {
            params: { path: from, query: { ...people, progress: token } },
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
  }

  $effect(() => {
    if (policy === null || year === null) return;
    const from = path;
    const people = wanted;
    return soon(() => fetch(from, people), untrack(() => view === null) ? 0 : TYPING);
  });

  $effect(() => {
    if (path) chosen.clear();
  });

  const ahead = $derived((view?.ahead ?? 0) > 0);

  async function keep() {
    await work.do(async () => {
      await answer(api.PUT('/api/policies/{id}/year-ends/{year}/review', { params: { path } }));
      fetch(path, wanted);
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
      fetch(path, wanted);
      said.say(`${row.person} carries over what the policy says again.`);
    });
  }

  async function chooseAll() {
    await work.do(async () => {
      const all = await answer(
        api.GET('/api/policies/{id}/year-ends/{year}/people', {
          params: { path, query: wanted },
        }),
      );
      all.forEach((id) => chosen.add(id));
    });
  }

  function granted() {
    fetch(path, wanted);
    said.say(`${peopleCounted(chosen.size)} may carry over otherwise.`);
    chosen.clear();
  }
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
  {#if view && view.all.people > 0}
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
{:else if view.all.people === 0}
  <Empty><p>No benefit year of {view.policy} begins for anybody in {view.year}.</p></Empty>
{:else}
  <p class="mb-2 max-w-4xl text-lg" data-sentence>{sentenceOf(view)}</p>
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
  <details class="mb-3" open={view.teams.length <= FEW_TEAMS}>
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
    <span class="quiet ml-auto text-sm">{counted(view.wanted, 'year’s end')}</span>
  </div>
  <PeopleTable {view} {chosen} busy={work.busy} {chooseAll} {takeBack} />
  {#if chosen.size > 0}
    <Grant {view} chosen={[...chosen]} done={granted} />
  {/if}
{/if}
