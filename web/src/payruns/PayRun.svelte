<script lang="ts">
  import { isNegative, isZero } from '../common/decimal';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Blocker, Worksheet, WorksheetRow } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { saveCsv } from '../common/csv';
  import { day, longDay, unitName, words } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import OpenRequest from '../requests/OpenRequest.svelte';
  import BlockerList from './BlockerList.svelte';
  import CloseRun from './CloseRun.svelte';
  import HoursFile from './HoursFile.svelte';
  import RunLines from './RunLines.svelte';
  import UndoRun from './UndoRun.svelte';

  let { params }: { params: { id: string } } = $props();

  let worksheet = $state<Worksheet | null>(null);
  let problem = $state<Problem | null>(null);
  let search = $state('');
  let opened = $state<WorksheetRow | null>(null);
  let request = $state<number | null>(null);
  let entering = $state<Blocker | 'SOMEBODY' | null>(null);
  let closing = $state(false);
  let undoing = $state(false);

  const id = $derived(Number(params.id));
  const gathering = $derived(worksheet !== null && worksheet.run.state !== 'CLOSED');

  async function load(runId: number) {
    try {
      worksheet = await answer(api.GET('/api/pay-runs/{id}', { params: { path: { id: runId } } }));
      problem = null;
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }

  $effect(() => {
    void load(id);
  });

  async function close() {
    try {
      await answer(api.POST('/api/pay-runs/{id}/closing', { params: { path: { id } } }));
      await load(id);
      said.say('Closed. Every balance is carried forward and the next run has begun.');
      road.changed();
      problem = null;
    } catch (thrown) {
      await load(id);
      problem = Problem.of(thrown);
    } finally {
      closing = false;
    }
  }

  /** The file of each close, and of what was taken back by undoing it. */
  function handOver(index: number): string {
    const before = worksheet!.events.slice(0, index + 1);
    const close = before.filter((event) => event.what === 'CLOSED').length;
    const undone = worksheet!.events[index]!.what === 'UNDONE';
    return `/api/pay-runs/${id}/hand-over.csv?closing=${close}&reversal=${undone}`;
  }

  function download() {
    const run = worksheet!.run;
    saveCsv(`worksheet-${run.firstDay}-to-${run.lastDay}`, [
      [
        'code',
        'person',
        'team',
        'policy',
        'unit',
        'opening',
        'earned',
        'used',
        'other',
        'closing',
        'cautions',
      ],
      ...rows.map((row) => [
        row.code,
        row.person,
        row.team,
        row.policy,
        unitName(row.unit),
        row.opening,
        row.earned,
        row.used,
        row.other,
        row.closing,
        row.cautions.join('; '),
      ]),
    ]);
  }

  const rows = $derived(
    (worksheet?.rows ?? []).filter((row) =>
      `${row.person} ${row.team} ${row.policy}`.toLowerCase().includes(search.trim().toLowerCase()),
    ),
  );
</script>

{#if worksheet === null}
  <ProblemNote {problem} />
  {#if !problem}<Waiting what="Gathering the run" />{/if}
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
        <button class="btn" onclick={() => (entering = 'SOMEBODY')}>Enter leave</button>
        <button class="btn btn-primary" onclick={() => (closing = true)}>Close this run</button>
      </div>
    {:else}
      <div class="flex flex-wrap gap-3">
        {#if worksheet.canBeUndone}
          <button class="btn btn-ghost" onclick={() => (undoing = true)}>Undo this close</button>
        {/if}
        <a class="btn" href={`/api/pay-runs/${run.id}/hand-over.csv`} download
          >Hand-over CSV for payroll</a
        >
      </div>
    {/if}
  </div>
  <ProblemNote {problem} />

  {#if gathering}
    <div class="mb-5 grid gap-4 xl:grid-cols-2">
      <BlockerList
        blockers={worksheet.blockers}
        decide={(requestId) => (request = requestId)}
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
      <button class="btn" onclick={download}>Download CSV</button>
    </div>
  </div>
  <table class="figures" use:listKeys>
    <thead>
      <tr>
        <th>Person</th><th>Policy</th><th>Unit</th>
        <th class="number">Opening</th><th class="number">+ Earned</th><th class="number">− Used</th
        >
        <th class="number">± Other</th><th class="number">= Closing</th><th>Cautions</th>
      </tr>
    </thead>
    <tbody>
      {#each rows as row (`${row.personId}/${row.policyId}`)}
        <tr class="cursor-pointer" data-policy={row.policy} onclick={() => (opened = row)}>
          <td>
            <button
              data-row
              class="text-left underline decoration-base-content/40"
              onclick={() => (opened = row)}>{row.person}</button
            >
          </td>
          <td>{row.policy}</td>
          <td class="quiet">{unitName(row.unit)}</td>
          {#if row.recordedOnly}
            <td class="quiet text-right" colspan="2">only recorded</td>
            <td class="number"><Amount value={row.used} /></td>
            <td></td>
            <td></td>
          {:else}
            <td class="number"><Amount value={row.opening} /></td>
            <td class="number"><Amount value={row.earned} /></td>
            <td class="number"><Amount value={row.used} /></td>
            <td class="number"><Amount value={row.other} change /></td>
            <td class="number font-semibold"><Amount value={row.closing} /></td>
          {/if}
          <td>
            {#each row.cautions as caution (caution)}
              <span class="mr-1 border-l-4 border-accent bg-base-200 px-1.5 text-sm">{caution}</span
              >
            {/each}
          </td>
        </tr>
      {:else}
        <tr><td colspan="9" class="quiet">No row matches.</td></tr>
      {/each}
    </tbody>
  </table>

  {#if opened}
    {@const row = opened}
    <SidePanel title={`${row.person}: ${row.policy}`} close={() => (opened = null)}>
      <p class="mb-3 text-lg">
        <Amount value={row.opening} /> + <Amount value={row.earned} /> − <Amount value={row.used} />
        {#if !isZero(row.other)}
          {isNegative(row.other) ? '−' : '+'} <Amount value={row.other.replace('-', '')} />
        {/if}
        = <strong><Amount value={row.closing} /></strong>
        {unitName(row.unit)}
      </p>
      <RunLines lines={row.lines} />
      <p class="mt-4">
        <a class="underline" href={`#/balances/${row.personId}/${row.policyId}`}
          >The whole balance</a
        >
      </p>
    </SidePanel>
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
    <CloseRun {worksheet} {close} cancel={() => (closing = false)} />
  {/if}
{/if}
