<script lang="ts">
  import { soon } from '../common/soon';
  import { router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { BalancePage, Organisation, Policy } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import Downloads from '../common/Downloads.svelte';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { session } from '../frame/session.svelte';
  import BalanceTable from './BalanceTable.svelte';
  import { Work } from '../common/work.svelte';

  const SIZE = 10;

  let search = $state('');
  let teamId = $state('');
  let policyId = $state(new URLSearchParams(router.querystring ?? '').get('policy') ?? '');
  let page = $state(0);
  let found = $state<BalancePage | null>(null);
  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);
  const work = new Work();

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
    answer(api.GET('/api/policies')).then(
      (loaded) => (policies = loaded.filter((policy) => !policy.recordedOnly)),
    );
  });

  const wanted = $derived({
    asOf: asOf.day,
    search,
    ...(teamId && { teamId: Number(teamId) }),
    ...(policyId && { policyId: Number(policyId) }),
  });

  function fetchBalances(query: typeof wanted & { page: number; size: number }) {
    return answer(api.GET('/api/balances', { params: { query } }));
  }

  $effect(() => {
    const query = { ...wanted, page, size: SIZE };
    return soon(() => {
      fetchBalances(query).then(
        (loaded) => {
          found = loaded;
          work.problem = null;
        },
        (thrown) => (work.problem = Problem.of(thrown)),
      );
    }, 120);
  });
</script>

<div class="mb-4 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto">{session.may('SEE_EVERYBODY') ? 'Balances' : 'Balances of your people'}</h1>
  {#if session.may('ADJUST_BALANCES')}
    <a class="underline" href="#/balances/openings">Opening balances</a>
  {/if}
  <input
    class="input w-52"
    type="search"
    placeholder="Name, code or team"
    aria-label="Search people"
    bind:value={search}
    oninput={() => (page = 0)}
  />
  {#if session.may('SEE_EVERYBODY')}
    <select class="select w-44" aria-label="Team" bind:value={teamId} onchange={() => (page = 0)}>
      <option value="">All teams</option>
      {#each organisation?.teams ?? [] as team (team.id)}
        <option value={String(team.id)}>{team.name}</option>
      {/each}
    </select>
  {/if}
  <select class="select w-36" aria-label="Policy" bind:value={policyId} onchange={() => (page = 0)}>
    <option value="">All policies</option>
    {#each policies as policy (policy.id)}
      <option value={String(policy.id)}>{policy.name}</option>
    {/each}
  </select>
  {#if found?.total}<Downloads path="/api/balances/table" query={wanted} />{/if}
</div>
<ProblemNote problem={work.problem} />
{#if found === null}
  {#if !work.problem}<Waiting what="Working out balances" />{/if}
{:else if found.items.length === 0}
  <Empty
    ><p>
      {session.may('SEE_EVERYBODY')
        ? 'No balance matches. Try other words, or another team or policy.'
        : 'No balance matches. Here are the balances of the people whose requests you decide.'}
    </p></Empty
  >
{:else}
  <BalanceTable columns={found.columns} rows={found.items} withPerson />
  <Pager total={found.total} size={SIZE} bind:page what="people" />
{/if}
