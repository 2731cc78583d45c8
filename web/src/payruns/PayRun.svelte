<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Blocker, Caution, Worksheet, WorksheetRow } from '../api/types';
  import { day, longDay, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import { said } from '../common/said.svelte';
  import { soon } from '../common/soon';
  import StepsDone from '../common/StepsDone.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { road } from '../frame/road.svelte';
  import CardPanel from '../hours/CardPanel.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import OpenRequest from '../requests/OpenRequest.svelte';
  import BlockerList from './BlockerList.svelte';
  import CautionList from './CautionList.svelte';
  import CheckRun from './CheckRun.svelte';
  import Delivered from './Delivered.svelte';
  import CloseRun from './CloseRun.svelte';
  import HoursFile from './HoursFile.svelte';
  import Leavers from './Leavers.svelte';
  import LieuPanel from './LieuPanel.svelte';
  import RunRow from './RunRow.svelte';
  import RunTable from './RunTable.svelte';
  import UndoRun from './UndoRun.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params: { id: string } } = $props();

  let worksheet = $state<Worksheet | null>(null);
  const work = new Work();
  const long = new LongWork();
  let opened = $state<WorksheetRow | null>(null);
  let request = $state<number | null>(null);
  let entering = $state<Pick<Blocker, 'personId' | 'person' | 'on'> | 'SOMEBODY' | null>(null);
  let mending = $state<{ person: { id: number; name: string }; on: string } | null>(null);
  let checking = $state(false);
  let closing = $state(false);
  /** Whose extra hours are looked at: a name, empty for everybody. */
  let extra = $state<string | null>(null);
  let undoing = $state(false);

  const id = $derived(Number(params.id));
  const gathering = $derived(worksheet !== null && worksheet.run.state !== 'CLOSED');

  const RENEWED_AFTER = 1500;

  async function load(runId: number) {
    await work.do(async () => {
      worksheet = await long.of((progress) =>
        answer(
          api.GET('/api/pay-runs/{id}', { params: { path: { id: runId }, query: { progress } } }),
        ),
      );
    });
  }

  $effect(() => {
    foldPanels();
    void load(id);
    return () => long.end();
  });

  /** What is open is about the run before when another one is looked at. */
  function foldPanels() {
    opened = request = entering = mending = extra = null;
    checking = closing = undoing = false;
  }

  $effect(() => (worksheet?.beingRenewed ? soon(() => load(id), RENEWED_AFTER) : undefined));

  async function close() {
    const closed = await work.do(async () => {
      await long.of((progress) =>
        answer(
          api.POST('/api/pay-runs/{id}/closing', { params: { path: { id }, query: { progress } } }),
        ),
      );
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

  /** Opens the balance that a caution is about, or the card of the person. */
  async function look(caution: Caution) {
    const person = { id: caution.personId, name: caution.person };
    if (caution.policyId === null) {
      mending = { person, on: worksheet!.run.firstDay };
      return;
    }
    await work.do(async () => {
      const query = { search: caution.person, policy: caution.policy ?? '' };
      const rows = await answer(
        api.GET('/api/pay-runs/{id}/rows', { params: { path: { id }, query } }),
      );
      opened = rows.items.find((row) => row.personId === caution.personId) ?? null;
    });
  }
</script>

{#if worksheet === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<StepsDone work={long} what="Gathering the run" />{/if}
{:else}
  {@const run = worksheet.run}
  <div class="mb-3 flex flex-wrap items-start justify-between gap-4">
    <div>
      <h1>{day(run.firstDay)} to {day(run.lastDay)}</h1>
      <p>
        {worksheet.payGroup}{run.offCycleOf ? ', one leaver' : ''}:
        <strong>{words(run.state)}</strong>{run.closedAt
          ? ` on ${longDay(run.closedAt)} by ${run.closedBy}`
          : ''}{run.state === 'UNDONE' ? ': it gathers again and can be closed again' : ''}
        {run.state === 'CHECKED' ? `by ${run.checkedBy} on ${longDay(run.checkedAt!)}` : ''}
        {#if worksheet.beingRenewed}
          <span class="quiet" role="status">Something changed; the run is gathered anew.</span>
        {/if}
      </p>
      {#if worksheet.events.some((event) => event.what === 'UNDONE' || event.what === 'CHANGED')}
        <ol class="quiet mt-1 text-sm">
          {#each worksheet.events as event, index (index)}
            <li>
              {words(event.what)} on {day(event.at)} by {event.actor}{event.reason
                ? `: “${event.reason}”`
                : ''}{#if event.what === 'CLOSED' || event.what === 'UNDONE'};
                <a class="underline" href={handOver(index)} download
                  >{event.what === 'CLOSED' ? 'what payroll got' : 'what was taken back'}</a
                >{/if}
            </li>
          {/each}
        </ol>
      {/if}
    </div>
    {#if gathering}
      <div class="flex flex-wrap gap-3">
        <a class="btn btn-ghost" href={`#/pay-runs/${run.id}/compare`}>Compare</a>
        <button class="btn" onclick={() => (extra = '')}>Time in lieu</button>
        <button class="btn" onclick={() => (entering = 'SOMEBODY')}>Enter leave</button>
        {#if run.state === 'CHECKED'}
          <button class="btn btn-primary" onclick={() => (closing = true)}>Close this run</button>
        {:else}
          <button
            class="btn btn-primary"
            disabled={worksheet.blockers.length > 0}
            title={worksheet.blockers.length > 0 ? 'Blockers are in the way' : undefined}
            onclick={() => (checking = true)}>Check this run</button
          >
        {/if}
      </div>
    {:else}
      <div class="flex flex-wrap gap-3">
        {#if worksheet.canBeUndone}
          <button class="btn btn-ghost" onclick={() => (undoing = true)}>Undo this close</button>
        {/if}
        <a class="btn btn-ghost" href={`#/pay-runs/${run.id}/compare`}>Compare</a>
        <a class="btn" href={`/api/pay-runs/${run.id}/statements`} download>Statements</a>
        <span class="join">
          <a class="btn join-item" href={`/api/pay-runs/${run.id}/hand-over.csv`} download
            >Payroll’s file</a
          >
          <a
            class="btn join-item"
            href={`/api/pay-runs/${run.id}/hand-over.json`}
            download={`hand-over-${run.firstDay}-to-${run.lastDay}.json`}>JSON</a
          >
        </span>
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
      <div class="space-y-4">
        <CautionList {worksheet} {look} changed={() => load(id)} />
        <HoursFile runId={run.id} taken={() => load(id)} />
      </div>
    </div>
  {:else if worksheet.sums.accepted > 0}
    <div class="mb-5"><CautionList {worksheet} {look} changed={() => load(id)} /></div>
  {/if}

  {#if gathering && !run.offCycleOf}
    <Leavers {worksheet} changed={() => load(id)} />
  {/if}
  {#if run.closings > 0}<Delivered {worksheet} />{/if}
  <RunTable {worksheet} opened={(row) => (opened = row)} />

  {#if opened}
    <RunRow
      row={opened}
      columns={worksheet.columns}
      period={{ first: run.firstDay, last: run.lastDay }}
      mend={(row) => {
        opened = null;
        mending = { person: { id: row.personId, name: row.person }, on: run.firstDay };
      }}
      statement={run.state === 'CLOSED' ? run.id : null}
      lieu={gathering
        ? (row) => {
            opened = null;
            extra = row.person;
          }
        : null}
      close={() => (opened = null)}
    />
  {/if}
  {#if extra !== null}
    <LieuPanel
      runId={run.id}
      search={extra}
      changed={() => load(id)}
      close={() => (extra = null)}
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
  {#if checking}
    <CheckRun
      {worksheet}
      checked={() => {
        checking = false;
        void load(id);
        said.say('Checked. It can be closed as it is now.');
      }}
      cancel={() => (checking = false)}
    />
  {/if}
  {#if closing}
    <CloseRun {worksheet} busy={work.busy} {long} {close} cancel={() => (closing = false)} />
  {/if}
{/if}
