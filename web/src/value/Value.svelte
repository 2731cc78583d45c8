<script lang="ts">
  import { onDestroy } from 'svelte';
  import { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Organisation, Policy, ValueSum, ValueView } from '../api/types';
  import { read, written } from '../common/address';
  import DateField from '../common/DateField.svelte';
  import { exactDifference } from '../common/decimal';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted, day, longDay, money, peopleCounted, signedMoney } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { partsOf } from './parts';
  import WorthChart from './WorthChart.svelte';

  const BY = { POLICY: 'policy', TEAM: 'team', SITE: 'site' } as const;
  type By = keyof typeof BY;

  const asked = read(router.querystring ?? '');
  let since = $state(asked.since ?? '');
  let by = $state<By>(asked.by && asked.by in BY ? (asked.by as By) : 'POLICY');
  let teamId = $state(asked.team ?? '');
  let siteId = $state(asked.site ?? '');
  let policyId = $state(asked.policy ?? '');

  let view = $state<ValueView | null>(null);
  let problem = $state<Problem | null>(null);
  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);
  const ask = latest<ValueView>();
  const progress = new LongWork();

  onDestroy(() => progress.end());

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
    answer(api.GET('/api/policies')).then(
      (loaded) => (policies = loaded.filter((each) => !each.recordedOnly)),
    );
  });

  const query = $derived({
    asOf: asOf.day,
    by,
    ...(since && { since }),
    ...(teamId && { teamId: Number(teamId) }),
    ...(siteId && { siteId: Number(siteId) }),
    ...(policyId && { policyId: Number(policyId) }),
  });

  $effect(() => {
    const named = Object.entries({
      since,
      by: by === 'POLICY' ? '' : by,
      team: teamId,
      site: siteId,
      policy: policyId,
    }).filter(([, value]) => value !== '');
    const place = `/value${written(named)}`;
    if (router.location === '/value') void replace(place);
  });

  $effect(() => {
    const question = query;
    ask(
      progress.of((token) =>
        answer(api.GET('/api/value', { params: { query: { ...question, progress: token } } })),
      ),
      (loaded) => {
        view = loaded;
        problem = null;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  const parts = $derived(view ? partsOf([view.all, ...view.groups]) : []);

  /** Looks into one of the groups, by what it is made of. */
  function open(sum: ValueSum) {
    if (by === 'POLICY') policyId = String(sum.id);
    else if (by === 'TEAM') teamId = String(sum.id);
    else siteId = String(sum.id);
    by = by === 'POLICY' ? 'TEAM' : 'POLICY';
  }
</script>

{#snippet figures({ change }: ValueSum)}
  <td class="number">{money(change.before)}</td>
  {#each parts as { key } (key)}<td class="number">{signedMoney(change[key])}</td>{/each}
  <td class="number font-semibold">{money(change.after)}</td>
{/snippet}

<div class="mb-3 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto">What leave is worth</h1>
  {#if view && view.groups.length > 0}
    <Downloads path="/api/value/table" {query} />
  {/if}
  <a class="btn" href="#/value/rates">Pay rates</a>
</div>
<div class="mb-3 flex flex-wrap items-end gap-2 text-sm">
  <label class="block">
    <span class="block">Compared with the end of</span>
    <DateField
      class="input w-36 input-sm"
      name="since"
      bind:value={() => since || (view?.since ?? ''), (day) => (since = day)}
    />
  </label>
  <label class="block">
    <span class="block">Added up by</span>
    <select class="select w-28 select-sm" name="by" bind:value={by}>
      {#each Object.entries(BY) as [key, name] (key)}<option value={key}>{name}</option>{/each}
    </select>
  </label>
  <select class="select w-36 select-sm" aria-label="Team" bind:value={teamId}>
    <option value="">All teams</option>
    {#each organisation?.teams ?? [] as team (team.id)}<option value={String(team.id)}
        >{team.name}</option
      >{/each}
  </select>
  <select class="select w-36 select-sm" aria-label="Site" bind:value={siteId}>
    <option value="">All sites</option>
    {#each organisation?.sites ?? [] as site (site.id)}<option value={String(site.id)}
        >{site.name}</option
      >{/each}
  </select>
  <select class="select w-40 select-sm" aria-label="Policy" bind:value={policyId}>
    <option value="">All policies</option>
    {#each policies as each (each.id)}<option value={String(each.id)}>{each.name}</option>{/each}
  </select>
</div>
<ProblemNote {problem} />
{#if progress.step && progress.step.of > 0}
  <p class="quiet" role="status">
    {progress.step.what}: {progress.step.done} of {progress.step.of}
  </p>
{/if}
{#if view === null}
  {#if !problem}<Waiting what="Working out what leave is worth" />{/if}
{:else if view.groups.length === 0}
  <Empty><p>Nobody has leave that is or was worth anything.</p></Empty>
{:else}
  <p class="mb-2 text-lg" data-worth>
    <strong>{money(view.all.change.after)}</strong> on {longDay(view.asOf)}, {signedMoney(
      exactDifference(view.all.change.after, view.all.change.before),
    )} since {day(view.since)}; of {peopleCounted(view.all.people)}.
  </p>
  {#if view.all.unknown > 0}
    <p class="mb-2 border-l-4 border-accent bg-base-200 px-3 py-1" data-unknown>
      {counted(view.all.unknown, 'balance')} of people without a pay rate {view.all.unknown === 1
        ? 'is'
        : 'are'} not among it.
      <a class="underline" href="#/value/rates?without=true">See who they are</a>
    </p>
  {/if}
  <div class="sheet mb-4 pt-2"><WorthChart {view} /></div>
  <div class="overflow-x-auto">
    <table class="figures" data-groups>
      <caption class="sr-only">What made leave worth something else, by {BY[by]}</caption>
      <thead>
        <tr>
          <th>{by === 'POLICY' ? 'Policy' : by === 'TEAM' ? 'Team' : 'Site'}</th>
          <th class="number">People</th>
          <th class="number">{day(view.since)}</th>
          {#each parts as { key, title } (key)}<th class="number">{title}</th>{/each}
          <th class="number">{day(view.asOf)}</th>
        </tr>
      </thead>
      <tbody>
        {#each view.groups as sum (sum.id)}
          <tr>
            <td><button class="link" onclick={() => open(sum)}>{sum.name}</button></td>
            <td class="number">{sum.people}</td>
            {@render figures(sum)}
          </tr>
        {/each}
      </tbody>
      <tfoot>
        <tr class="font-semibold">
          <td>All</td>
          <td class="number">{view.all.people}</td>
          {@render figures(view.all)}
        </tr>
      </tfoot>
    </table>
  </div>
  <p class="quiet mt-2 max-w-3xl text-sm">
    A day is worth an average scheduled day, a month's pay its part by 52 scheduled weeks a year.
    What moved a balance counts at the rate before; what is left of the difference comes from other
    rates, other schedules and cents. Below zero counts as below zero.
  </p>
{/if}
