<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type {
    AheadView,
    BalancePage,
    EmploymentHistory,
    Organisation,
    OwnPolicies as Own,
    Person,
    RequestSummary,
  } from '../api/types';
  import Changes from '../audit/Changes.svelte';
  import AheadList from '../balances/AheadList.svelte';
  import BalanceTable from '../balances/BalanceTable.svelte';
  import Empty from '../common/Empty.svelte';
  import { day, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { session } from '../frame/session.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import RequestTable from '../requests/RequestTable.svelte';
  import ChangeFrom from './ChangeFrom.svelte';
  import Details from './Details.svelte';
  import EverythingAbout from './EverythingAbout.svelte';
  import HireDate from './HireDate.svelte';
  import History from './History.svelte';
  import Leave from './Leave.svelte';
  import Move from './Move.svelte';
  import NameOfLeaver from './NameOfLeaver.svelte';
  import OwnPolicies from './OwnPolicies.svelte';
  import PersonActions, { type Panel } from './PersonActions.svelte';
  import RemovePerson from './RemovePerson.svelte';
  import SignInSection from './SignInSection.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params: { id: string } } = $props();

  let person = $state<Person | null>(null);
  let history = $state<EmploymentHistory | null>(null);
  let own = $state<Own | null>(null);
  let organisation = $state<Organisation | null>(null);
  let balances = $state<BalancePage | null>(null);
  let ahead = $state<AheadView[] | null>(null);
  let requests = $state<RequestSummary[] | null>(null);
  let panel = $state<Panel | 'ENTER' | null>(null);
  const work = new Work();
  let version = $state(0);

  const id = $derived(Number(params.id));

  async function load(personId: number) {
    const path = { params: { path: { personId } } };
    const byId = { params: { path: { id: personId } } };
    await work.do(async () => {
      [person, history, own, organisation, requests] = await Promise.all([
        answer(api.GET('/api/people/{id}', byId)),
        answer(api.GET('/api/people/{id}/history', byId)),
        answer(api.GET('/api/people/{personId}/policies', path)),
        answer(api.GET('/api/organisation')),
        answer(api.GET('/api/people/{personId}/requests', path)),
      ]);
    });
  }

  $effect(() => {
    panel = null;
    void load(id);
  });

  function loadFigures(personId: number, on: string) {
    const query = { params: { path: { personId }, query: { asOf: on } } };
    Promise.all([
      answer(api.GET('/api/people/{personId}/balances', query)),
      answer(api.GET('/api/people/{personId}/ahead', query)),
    ]).then(
      ([rows, items]) => {
        balances = rows;
        ahead = items;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  }

  $effect(() => loadFigures(id, asOf.day));

  function changed(what: string) {
    panel = null;
    work.problem = null;
    version++;
    said.say(what);
    void load(id);
    loadFigures(id, asOf.day);
  }

  async function takeBack(what: 'MOVE' | 'FTE' | 'SCHEDULE' | 'PAUSE', from: string) {
    await work.do(async () => {
      await answer(
        what === 'MOVE'
          ? api.DELETE('/api/people/{personId}/moves/{from}', {
              params: { path: { personId: id, from } },
            })
          : api.DELETE('/api/people/{personId}/changes/{what}/{from}', {
              params: { path: { personId: id, what, from } },
            }),
      );
      changed('Taken back. What held before goes on.');
    });
  }
</script>

<ProblemNote problem={work.problem} />
{#if person === null || history === null || organisation === null}
  {#if !work.problem}<Waiting what="Fetching this person" />{/if}
{:else}
  <div class="flex flex-wrap items-start justify-between gap-4">
    <h1>{person.name}</h1>
    <div class="flex gap-2">
      {#if !person.namelessSince}
        <button class="btn btn-primary btn-sm" onclick={() => (panel = 'ENTER')}>Enter leave</button
        >
      {/if}
      <a class="btn btn-sm" href={`#/hours/${person.id}`}>Time card</a>
    </div>
  </div>
  <p class="quiet mt-1">
    {person.code}, {person.team} at {person.site}, {words(person.employmentType).toLowerCase()}, {person.payGroup};
    hired {day(person.hired)}{person.serviceFrom === person.hired
      ? ''
      : `, service from ${day(person.serviceFrom)}`}{person.lastDay
      ? `, last day ${day(person.lastDay)}`
      : ''};
    {person.approver ? `decided by ${person.approver}` : 'nobody decides for them yet'}{person.email
      ? `; ${person.email}`
      : ''}{person.clockCode ? `; clock code ${person.clockCode}` : ''}
  </p>
  {#if history.earlierId}
    <p><a class="underline" href={`#/people/${history.earlierId}`}>The earlier employment</a></p>
  {/if}
  {#if history.laterId}
    <p>
      <a class="underline" href={`#/people/${history.laterId}`}
        >They came back: the later employment</a
      >
    </p>
  {/if}
  <PersonActions {person} open={(wanted) => (panel = wanted)} />
  {#each own?.gaps ?? [] as gap (gap)}
    <p class="mb-4 border-l-4 border-accent bg-base-200 px-3 py-1" data-gap>
      {gap} <a class="underline" href="#/policies">Who is covered is decided on each policy.</a>
    </p>
  {/each}
  <h2 class="mb-1">Balances</h2>
  {#if balances === null}
    <Waiting what="Working out balances" />
  {:else if balances.items.length === 0}
    <Empty><p>Not enrolled in any policy.</p></Empty>
  {:else}
    <BalanceTable columns={balances.columns} rows={balances.items} />
  {/if}
  <h2 class="mt-7 mb-1 text-primary">What is up ahead</h2>
  {#if ahead}<AheadList items={ahead} />{:else}<Waiting what="Looking ahead" />{/if}
  <h2 class="mt-7 mb-1">What changed, and when</h2>
  <History {person} {history} takeBack={person.namelessSince ? null : takeBack} />
  {#if own}
    {#key id}
      <OwnPolicies
        {person}
        {own}
        changed={(result) => {
          own = result;
          loadFigures(id, asOf.day);
        }}
      />
    {/key}
  {/if}
  <h2 class="mt-7 mb-1">Requests</h2>
  {#if requests && requests.length > 0}
    <RequestTable {requests} />
  {:else}
    <Empty><p>No requests yet.</p></Empty>
  {/if}
  {#if !person.namelessSince}
    <SignInSection {person} />
    {#if session.may('KEEP_THE_COMPANY')}
      <EverythingAbout {person} />
      <NameOfLeaver {person} {changed} />
    {/if}
    <RemovePerson {person} />
  {/if}
  <Changes subject="person" subjectId={person.id} {version} />
  {#if panel === 'ENTER'}
    <EnterLeave
      {person}
      close={() => (panel = null)}
      done={() => {
        panel = null;
        loadFigures(id, asOf.day);
      }}
    />
  {:else if panel === 'MOVE'}
    <Move
      {person}
      {organisation}
      close={() => (panel = null)}
      done={() => changed('Changed from that day on; enrolments follow.')}
    />
  {:else if panel === 'HOURS' || panel === 'PAUSE'}
    <ChangeFrom
      {person}
      what={panel}
      fte={history.ftes.at(-1)?.fte ?? '1'}
      week={history.schedules.at(-1)?.week ?? ['8', '8', '8', '8', '8', '0', '0']}
      times={history.schedules.at(-1)?.times ?? []}
      close={() => (panel = null)}
      done={() => changed('Changed. Balances follow it.')}
    />
  {:else if panel === 'DETAILS'}
    <Details {person} close={() => (panel = null)} done={() => changed('The details are kept.')} />
  {:else if panel === 'LEAVE'}
    <Leave
      {person}
      {history}
      {organisation}
      close={() => (panel = null)}
      done={() => changed('Kept. Balances are derived anew.')}
    />
  {:else if panel === 'HIRE_DATE'}
    <HireDate
      {person}
      close={() => (panel = null)}
      done={() =>
        changed('Moved. Balances are derived anew; closed runs are corrected by the next one.')}
    />
  {/if}
{/if}
