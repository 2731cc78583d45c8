<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AheadView, BalanceRow, Person, RequestSummary } from '../api/types';
  import AheadList from '../balances/AheadList.svelte';
  import BalanceTable from '../balances/BalanceTable.svelte';
  import Empty from '../common/Empty.svelte';
  import { day, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import HireDate from './HireDate.svelte';
  import RequestTable from '../requests/RequestTable.svelte';

  let { params }: { params: { id: string } } = $props();

  let person = $state<Person | null>(null);
  let balances = $state<BalanceRow[] | null>(null);
  let ahead = $state<AheadView[] | null>(null);
  let moving = $state(false);
  let requests = $state<RequestSummary[] | null>(null);
  let problem = $state<Problem | null>(null);

  const id = $derived(Number(params.id));

  $effect(() => {
    const personId = id;
    Promise.all([
      answer(api.GET('/api/people/{id}', { params: { path: { id: personId } } })),
      answer(api.GET('/api/people/{personId}/requests', { params: { path: { personId } } })),
    ]).then(
      ([found, theirs]) => {
        person = found;
        requests = theirs;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  function loadFigures(personId: number, day: string) {
    const query = { params: { path: { personId }, query: { asOf: day } } };
    Promise.all([
      answer(api.GET('/api/people/{personId}/balances', query)),
      answer(api.GET('/api/people/{personId}/ahead', query)),
    ]).then(
      ([rows, items]) => {
        balances = rows;
        ahead = items;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  }

  $effect(() => loadFigures(id, asOf.day));
</script>

<ProblemNote {problem} />
{#if person === null}
  {#if !problem}<Waiting what="Fetching this person" />{/if}
{:else}
  <div class="flex flex-wrap items-start justify-between gap-4">
    <h1>{person.name}</h1>
    <div class="flex gap-3">
      <a class="btn btn-sm" href={`#/people/${person.id}/hours`}>Hours</a>
      <button class="btn btn-sm" onclick={() => (moving = true)}>Move the hire date</button>
    </div>
  </div>
  <p class="quiet mt-1 mb-5">
    {person.code}, {person.team} at {person.site}, {words(person.employmentType).toLowerCase()}, {person.payGroup};
    hired {day(person.hired)}{person.lastDay ? `, last day ${day(person.lastDay)}` : ''};
    {person.approver ? `decided by ${person.approver}` : 'nobody decides for them yet'}
  </p>
  <h2 class="mb-1">Balances</h2>
  {#if balances === null}
    <Waiting what="Working out balances" />
  {:else if balances.length === 0}
    <Empty><p>Not enrolled in any policy.</p></Empty>
  {:else}
    <BalanceTable rows={balances} withPerson={false} />
  {/if}
  <h2 class="mt-7 mb-1 text-primary">What is up ahead</h2>
  {#if ahead}<AheadList items={ahead} />{:else}<Waiting what="Looking ahead" />{/if}
  <h2 class="mt-7 mb-1">Requests</h2>
  {#if requests && requests.length > 0}
    <RequestTable {requests} />
  {:else}
    <Empty><p>No requests yet.</p></Empty>
  {/if}
  {#if moving}
    <HireDate
      {person}
      close={() => (moving = false)}
      done={(moved) => {
        person = moved;
        moving = false;
        said.say('Moved. Balances are derived anew; closed runs are corrected by the next one.');
        loadFigures(id, asOf.day);
      }}
    />
  {/if}
{/if}
