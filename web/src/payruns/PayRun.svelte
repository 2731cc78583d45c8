<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Blocker, Column, Worksheet, WorksheetRow } from '../api/types';
  import DataTable from '../common/DataTable.svelte';
  import Downloads from '../common/Downloads.svelte';
  import { day, longDay, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import CardPanel from '../hours/CardPanel.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import OpenRequest from '../requests/OpenRequest.svelte';
  import BlockerList from './BlockerList.svelte';
  import CloseRun from './CloseRun.svelte';
  import HoursFile from './HoursFile.svelte';
  import RunRow from './RunRow.svelte';
  import UndoRun from './UndoRun.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params: { id: string } } = $props();

  let worksheet = $state<Worksheet | null>(null);
  const work = new Work();
  let search = $state('');
  let opened = $state<WorksheetRow | null>(null);
  let request = $state<number | null>(null);
  let entering = $state<Pick<Blocker, 'personId' | 'person' | 'on'> | 'SOMEBODY' | null>(null);
  let mending = $state<{ person: { id: number; name: string }; on: string } | null>(null);
  let closing = $state(false);
  let undoing = $state(false);

  const id = $derived(Number(params.id));
  const gathering = $derived(worksheet !== null && worksheet.run.state !== 'CLOSED');

  async function load(runId: number) {
    await work.do(async () => {
      worksheet = await answer(api.GET('/api/pay-runs/{id}', { params: { path: { id: runId } } }));
    });
  }

  $effect(() => {
    void load(id);
  });

  async function close() {
    const closed = await work.do(async () => {
      await answer(api.POST('/api/pay-runs/{id}/closing', { params: { path: { id } } }));
      said.say('Closed. Every balance is carried forward and the next run has begun.');
      road.changed();
    });
    const told = work.problem;
    await load(id);
    if (!closed) work.problem = told;
    closing = false;
  }

  /** The file of each close, and of what was taken back by undoing it. */
  function handOver(index: number): string {
    const before = worksheet!.events.slice(0, index + 1);
    const close = before.filter((event) => event.what === 'CLOSED').length;
    const undone = worksheet!.events[index]!.what === 'UNDONE';
    return `/api/pay-runs/${id}/hand-over.csv?closing=${close}&reversal=${undone}`;
  }

  /** Of what is only recorded there is nothing but what was used. */
  function notKept(row: WorksheetRow, { key, kind }: Column): string | null {
    if (!row.recordedOnly || key === 'used') return null;
    if (key === 'opening') return 'only recorded';
    return ['AMOUNT', 'CHANGE', 'RESULT'].includes(kind) ? '' : null;
  }

  const rows = $derived(
    (worksheet?.rows ?? []).filter((row) =>
      `${row.person} ${row.team} ${row.policy}`.toLowerCase().includes(search.trim().toLowerCase()),
    ),
  );
</script>

{#if worksheet === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Gathering the run" />{/if}
{:else}
  {@const run = worksheet.run}
  <div class="mb-3 flex flex-wrap items-start justify-between gap-4">
    <div>
      <h1>{day(run.firstDay)} to {day(run.lastDay)}</h1>
      <p>
        {worksheet.payGroup}:
        <strong>{words(run.state)}</strong>{run.closedAt
          ? ` on ${longDay(run.closedAt)} by ${run.closedBy}`
          : ''}{run.state === 'UNDONE' ? ': it gathers again and can be closed again' : ''}
      </p>
      {#if worksheet.events.some((event) => event.what === 'UNDONE')}
        <ol class="quiet mt-1 text-sm">
          {#each worksheet.events as event, index (index)}
            <li>
              {words(event.what)} on {day(event.at)} by {event.actor}{event.reason
                ? `: “${event.reason}”`
                : ''};
              <a class="underline" href={handOver(index)} download
                >{event.what === 'CLOSED' ? 'what payroll got' : 'what was taken back'}</a
              >
            </li>
          {/each}
        </ol>
      {/if}
    </div>
    {#if gathering}
      <div class="flex flex-wrap gap-3">
        <a class="btn btn-ghost" href={`#/pay-runs/${run.id}/compare`}>Compare</a>
        <button class="btn" onclick={() => (entering = 'SOMEBODY')}>Enter leave</button>
        <button class="btn btn-primary" onclick={() => (closing = true)}>Close this run</button>
      </div>
    {:else}
      <div class="flex flex-wrap gap-3">
        {#if worksheet.canBeUndone}
          <button class="btn btn-ghost" onclick={() => (undoing = true)}>Undo this close</button>
        {/if}
        <a class="btn btn-ghost" href={`#/pay-runs/${run.id}/compare`}>Compare</a>
        <a class="btn" href={`/api/pay-runs/${run.id}/hand-over.csv`} download
          >Hand-over CSV for payroll</a
        >
      </div>
    {/if}
  </div>
  <ProblemNote problem={work.problem} />

  {#if gathering}
    <div class="mb-5 grid gap-4 xl:grid-cols-2">
      <BlockerList
        blockers={worksheet.blockers}
        decide={(requestId) => (request = requestId)}
        mend={(blocker) =>
          (mending = {
            person: { id: blocker.personId!, name: blocker.person! },
            on: blocker.on ?? run.firstDay,
          })}
        enter={(blocker) => (entering = blocker)}
      />
      <HoursFile runId={run.id} taken={() => load(id)} />
    </div>
  {/if}

  <div class="mb-2 flex flex-wrap items-end justify-between gap-3">
    <h2>
      {run.state === 'CLOSED' ? 'What was frozen' : 'What will be frozen'}
    </h2>
    <div class="flex gap-3">
      <input
        class="input w-64"
        type="search"
        placeholder="Person, team or policy"
        aria-label="Search the worksheet"
        bind:value={search}
      />
      <Downloads path={`/api/pay-runs/${run.id}/worksheet`} query={{ search }} />
    </div>
  </div>
  {#snippet person(row: WorksheetRow)}
    <button
      data-row
      class="text-left underline decoration-base-content/40"
      onclick={() => (opened = row)}>{row.person}</button
    >
  {/snippet}
  <DataTable
    columns={worksheet.columns}
    {rows}
    key={(row) => `${row.personId}/${row.policyId}`}
    cells={{ person }}
    blank={notKept}
    sortable
    opened={(row) => (opened = row)}
    marks={(row) => ({ 'data-policy': row.policy })}
    empty="No row matches."
  />

  {#if opened}
    <RunRow
      row={opened}
      columns={worksheet.columns}
      period={{ first: run.firstDay, last: run.lastDay }}
      mend={(row) => {
        opened = null;
        mending = { person: { id: row.personId, name: row.person }, on: run.firstDay };
      }}
      close={() => (opened = null)}
    />
  {/if}
  {#if mending !== null}
    <CardPanel
      person={mending.person}
      on={mending.on}
      enterLeave={(on) => {
        entering = { personId: mending!.person.id, person: mending!.person.name, on };
        mending = null;
      }}
      close={() => {
        mending = null;
        void load(id);
      }}
    />
  {/if}
  {#if request !== null}
    <SidePanel title="Decide, and go on with the run" close={() => (request = null)}>
      <OpenRequest
        id={request}
        decided={() => {
          request = null;
          void load(id);
        }}
      />
    </SidePanel>
  {/if}
  {#if entering !== null}
    <EnterLeave
      person={entering === 'SOMEBODY' || entering.personId === null
        ? null
        : { id: entering.personId, name: entering.person ?? '' }}
      on={entering === 'SOMEBODY' ? run.lastDay : (entering.on ?? run.lastDay)}
      close={() => (entering = null)}
      done={() => {
        entering = null;
        void load(id);
      }}
    />
  {/if}
  {#if undoing}
    <UndoRun
      {worksheet}
      cancel={() => (undoing = false)}
      undone={() => {
        undoing = false;
        void load(id);
        said.say('Undone. Every line is taken back by a reversal; the run gathers again.');
        road.changed();
      }}
    />
  {/if}
  {#if closing}
    <CloseRun {worksheet} busy={work.busy} {close} cancel={() => (closing = false)} />
  {/if}
{/if}
