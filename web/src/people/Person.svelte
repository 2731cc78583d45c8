<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { BalanceRow, Person, RequestSummary } from '../api/types';
  import BalanceTable from '../balances/BalanceTable.svelte';
  import Empty from '../common/Empty.svelte';
  import { day, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import RequestTable from '../requests/RequestTable.svelte';

  let { params }: { params: { id: string } } = $props();

  let person = $state<Person | null>(null);
  let balances = $state<BalanceRow[] | null>(null);
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

  $effect(() => {
    const path = { personId: id };
    answer(
      api.GET('/api/people/{personId}/balances', { params: { path, query: { asOf: asOf.day } } }),
    ).then(
      (loaded) => (balances = loaded),
      (thrown) => (problem = Problem.of(thrown)),
    );
  });
</script>

<ProblemNote {problem} />
{#if person === null}
  {#if !problem}<Waiting what="Fetching this person" />{/if}
{:else}
  <h1>{person.name}</h1>
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
  <h2 class="mt-7 mb-1">Requests</h2>
  {#if requests && requests.length > 0}
    <RequestTable {requests} />
  {:else}
    <Empty><p>No requests yet.</p></Empty>
  {/if}
{/if}
