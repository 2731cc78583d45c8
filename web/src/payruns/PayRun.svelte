<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Caution, Worksheet } from '../api/types';
  import { day, longDay, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import { said } from '../common/said.svelte';
  import { soon } from '../common/soon';
  import StepsDone from '../common/StepsDone.svelte';
  import { road } from '../frame/road.svelte';
  import BlockerList from './BlockerList.svelte';
  import CautionList from './CautionList.svelte';
  import CheckRun from './CheckRun.svelte';
  import Delivered from './Delivered.svelte';
  import CloseRun from './CloseRun.svelte';
  import HoursFile from './HoursFile.svelte';
  import Leavers from './Leavers.svelte';
  import PayDate from './PayDate.svelte';
  import { RunPanels as RunPanelsOpen } from './panels.svelte';
  import RunPanels from './RunPanels.svelte';
  import RunTable from './RunTable.svelte';
  import UndoRun from './UndoRun.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params: { id: string } } = $props();

  let worksheet = $state<Worksheet | null>(null);
  const work = new Work();
  const long = new LongWork();
  const panels = new RunPanelsOpen();
  let checking = $state(false);
  let closing = $state(false);
  let undoing = $state(false);

  const id = $derived(Number(params.id));
  const gathering = $derived(worksheet !== null && worksheet.run.state !== 'CLOSED');

  const RENEWED_AFTER = 1500;
  let lastAsked = 0;

  async function load(runId: number) {
    const asked = ++lastAsked;
    await work.do(async () => {
      const loaded = await long.of((progress) =>
        answer(
          api.GET('/api/pay-runs/{id}', { params: { path: { id: runId }, query: { progress } } }),
        ),
      );
      // an answer to what was asked before may come after the one to what was asked last
      if (asked === lastAsked) worksheet = loaded;
    });
  }

  $effect(() => {
    foldPanels();
    void load(id);
    return () => long.end();
  });

  /** What is open is about the run before when another one is looked at. */
  function foldPanels() {
    panels.fold();
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
      panels.openCard(person, worksheet!.run.firstDay);
      return;
    }
    await work.do(async () => {
      const query = { search: caution.person, policy: caution.policy ?? '' };
      const rows = await answer(
        api.GET('/api/pay-runs/{id}/rows', { params: { path: { id }, query } }),
      );
      const row = rows.items.find((each) => each.personId === caution.personId);
      if (row) panels.openRow(row);
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
      <PayDate {run} changed={() => load(id)} />
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
        <button class="btn" onclick={() => panels.openExtra('')}>Time in lieu</button>
        <button class="btn" onclick={() => panels.enterLeave('SOMEBODY')}>Enter leave</button>
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
        decide={(requestId) => panels.openRequest(requestId)}
        mend={(blocker) =>
          panels.openCard(
            { id: blocker.personId!, name: blocker.person! },
            blocker.on ?? run.firstDay,
          )}
        enter={(blocker) => panels.enterLeave(blocker)}
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
  <RunTable {worksheet} opened={(row) => panels.openRow(row)} />

  <RunPanels {worksheet} {panels} changed={() => load(id)} />
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
