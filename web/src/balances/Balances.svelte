<script lang="ts">
  import { router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { BalanceRow, Organisation, Policy } from '../api/types';
  import { saveCsv } from '../common/csv';
  import Empty from '../common/Empty.svelte';
  import { unitName } from '../common/format';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { session } from '../frame/session.svelte';
  import BalanceTable from './BalanceTable.svelte';

  const SIZE = 10;
  const EXPORTED_AT_ONCE = 200;

  let exporting = $state(false);

  let search = $state('');
  let teamId = $state('');
  let policyId = $state(new URLSearchParams(router.querystring ?? '').get('policy') ?? '');
  let page = $state(0);
  let found = $state<{ items: BalanceRow[]; total: number } | null>(null);
  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);
  let problem = $state<Problem | null>(null);

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

  async function download() {
    const rows: BalanceRow[] = [];
    exporting = true;
    try {
      const people = found?.total ?? 0;
      for (let which = 0; which * EXPORTED_AT_ONCE < people; which++) {
        rows.push(
          ...(await fetchBalances({ ...wanted, page: which, size: EXPORTED_AT_ONCE })).items,
        );
      }
      saveCsv(`balances-${asOf.day}`, [COLUMNS, ...rows.map(columns)]);
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      exporting = false;
    }
  }

  const COLUMNS: (keyof BalanceRow)[] = [
    'code',
    'person',
    'team',
    'policy',
    'unit',
    'earned',
    'used',
    'booked',
    'withheld',
    'balance',
    'available',
    'askable',
  ];

  function columns(row: BalanceRow): string[] {
    return COLUMNS.map((name) => (name === 'unit' ? unitName(row.unit) : String(row[name])));
  }

  $effect(() => {
    const query = { ...wanted, page, size: SIZE };
    const timer = window.setTimeout(() => {
      fetchBalances(query).then(
        (loaded) => {
          found = loaded;
          problem = null;
        },
        (thrown) => (problem = Problem.of(thrown)),
      );
    }, 120);
    return () => window.clearTimeout(timer);
  });
</script>

<div class="mb-4 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto">{session.isAdministrator ? 'Balances' : 'Balances of your people'}</h1>
  {#if session.isAdministrator}
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
  {#if session.isAdministrator}
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
  <button class="btn" disabled={exporting || !found?.total} onclick={download}>
    {exporting ? 'Gathering' : 'Download CSV'}
  </button>
</div>
<ProblemNote {problem} />
{#if found === null}
  {#if !problem}<Waiting what="Working out balances" />{/if}
{:else if found.items.length === 0}
  <Empty
    ><p>
      {session.isAdministrator
        ? 'No balance matches. Try other words, or another team or policy.'
        : 'No balance matches. Here are the balances of the people whose requests you decide.'}
    </p></Empty
  >
{:else}
  <BalanceTable rows={found.items} withPerson />
  <Pager total={found.total} size={SIZE} bind:page what="people" />
{/if}
