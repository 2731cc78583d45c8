<script lang="ts">
  import { onDestroy } from 'svelte';
  import { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AheadOfAll, ForeseenRow, Organisation, Policy } from '../api/types';
  import { read, written } from '../common/address';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { amount, counted, longDay, weekdayAndDay } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { entering } from '../frame/entering.svelte';
  import { session } from '../frame/session.svelte';
  import Group from './Group.svelte';
  import { inOrder, KINDS, type Order, ORDERS } from './order';
  import type { Wanted } from './wanted';
  import Tell from './Tell.svelte';

  const WEEKS = [2, 4, 8, 13, 26, 52, 104];
  const USUAL_WEEKS = '8';

  const asked = read(router.querystring ?? '');
  let weeks = $state(asked.weeks ?? USUAL_WEEKS);
  let teamId = $state(asked.team ?? '');
  let policyId = $state(asked.policy ?? '');
  let what = $state(asked.what ?? '');
  let order = $state<Order>(asked.order && asked.order in ORDERS ? (asked.order as Order) : 'day');

  let found = $state<AheadOfAll | null>(null);
  let problem = $state<Problem | null>(null);
  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);
  let telling = $state<ForeseenRow[]>([]);
  const ask = latest<AheadOfAll>();
  const progress = new LongWork();

  onDestroy(() => progress.end());

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
    answer(api.GET('/api/policies')).then(
      (loaded) => (policies = loaded.filter((each) => !each.recordedOnly)),
    );
  });

  const query: Wanted = $derived({
    weeks: Number(weeks),
    ...(teamId && { teamId: Number(teamId) }),
    ...(policyId && { policyId: Number(policyId) }),
    ...(what && { what: what as keyof typeof KINDS }),
  });

  $effect(() => {
    const named = Object.entries({
      weeks: weeks === USUAL_WEEKS ? '' : weeks,
      team: teamId,
      policy: policyId,
      what,
      order: order === 'day' ? '' : order,
    }).filter(([, value]) => value !== '');
    const place = `/ahead${written(named)}`;
    if (router.location === '/ahead') void replace(place);
  });

  $effect(() => {
    void entering.done;
    const question = query;
    ask(
      progress.of((token) =>
        answer(api.GET('/api/ahead', { params: { query: { ...question, progress: token } } })),
      ),
      (loaded) => {
        found = loaded;
        problem = null;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  const groups = $derived(inOrder(found?.groups ?? [], order));
</script>

<div class="mb-2 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto">What is ahead for everybody</h1>
  {#if found && found.groups.length > 0}<Downloads path="/api/ahead/table" {query} />{/if}
</div>
<p class="quiet mb-3 max-w-3xl">
  A forecast: work as scheduled, leave as booked. From each line straight to what can be done.
</p>
<div class="mb-4 flex flex-wrap items-center gap-2">
  <select class="select w-40" aria-label="How far" bind:value={weeks}>
    {#each WEEKS as each (each)}<option value={String(each)}
        >{each < 52 ? `next ${each} weeks` : each === 52 ? 'next year' : 'next two years'}</option
      >{/each}
  </select>
  {#if session.may('SEE_EVERYBODY')}
    <select class="select w-44" aria-label="Team" bind:value={teamId}>
      <option value="">All teams</option>
      {#each organisation?.teams ?? [] as team (team.id)}
        <option value={String(team.id)}>{team.name}</option>
      {/each}
    </select>
  {/if}
  <select class="select w-44" aria-label="Policy" bind:value={policyId}>
    <option value="">All policies</option>
    {#each policies as each (each.id)}<option value={String(each.id)}>{each.name}</option>{/each}
  </select>
  <select class="select w-52" aria-label="What" bind:value={what}>
    <option value="">Everything</option>
    {#each Object.entries(KINDS) as [kind, words] (kind)}<option value={kind}>{words}</option
      >{/each}
  </select>
  <select class="select w-48" aria-label="Order" bind:value={order}>
    {#each Object.entries(ORDERS) as [each, words] (each)}<option value={each}>{words}</option
      >{/each}
  </select>
</div>
<ProblemNote {problem} />
{#if found === null}
  {#if !problem}
    <Waiting
      what={progress.step && progress.step.of > 0
        ? `${progress.step.what}: ${progress.step.done} of ${progress.step.of}`
        : 'Looking ahead'}
    />
  {/if}
{:else}
  {#if groups.length === 0}
    <Empty><p>Nothing happens to any balance until {longDay(found.through)}.</p></Empty>
  {:else}
    <ol class="ml-1 border-l-2 border-dashed border-primary" data-ahead>
      {#each groups as group (`${group.what}/${group.policyId}/${group.on}`)}
        <Group {group} {query} tell={(rows) => (telling = rows)} />
      {/each}
    </ol>
  {/if}
  {#if found.shortDays.length > 0}
    <h2 class="mt-5 mb-1">Teams with fewer than they need</h2>
    <ul class="sheet max-w-4xl divide-y divide-base-300" data-short>
      {#each found.shortDays as short (`${short.teamId}/${short.on}`)}
        <li class="flex flex-wrap justify-between gap-3 px-3 py-1.5">
          <span>
            <span class="inline-block w-36 font-semibold">{weekdayAndDay(short.on)}</span>
            {short.team}: {counted(short.needed, 'person').replace('persons', 'people')} needed, {short.scheduled}
            scheduled, {amount(short.away)} away
          </span>
          <a
            class="underline"
            href={`#/requests?show=decided&team=${short.teamId}&from=${short.on}&through=${short.on}`}
            >Who is away</a
          >
        </li>
      {/each}
    </ul>
  {/if}
{/if}
{#if telling.length > 0}<Tell rows={telling} close={() => (telling = [])} />{/if}
