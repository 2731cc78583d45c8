<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AttendancePage, AttendanceRow, Organisation, Road } from '../api/types';
  import Conditions from '../common/Conditions.svelte';
  import { writtenConditions } from '../common/conditions';
  import DataTable from '../common/DataTable.svelte';
  import DateField from '../common/DateField.svelte';
  import Downloads from '../common/Downloads.svelte';
  import KeptViewList from '../common/KeptViewList.svelte';
  import { KeptViews } from '../common/keptviews.svelte';
  import { latest } from '../common/latest';
  import Pager from '../common/Pager.svelte';
  import { peopleCounted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { soon } from '../common/soon';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { road } from '../frame/road.svelte';
  import { session } from '../frame/session.svelte';
  import { EVERYBODY, FIGURES, figureTyped, type Wanted } from './attendance';
  import { openPeriod } from './period';

  const SIZE = 12;

  let organisation = $state<Organisation | null>(null);
  let runs = $state<Road | null>(null);
  let chosen = $state<{ from: string; through: string } | null>(null);
  let wanted = $state<Wanted>({ ...EVERYBODY });
  let page = $state(0);
  let found = $state<AttendancePage | null>(null);
  let problem = $state<Problem | null>(null);
  const kept = new KeptViews<Wanted>('ATTENDANCE', EVERYBODY);
  const ask = latest<AttendancePage>();

  const isPayroll = $derived(session.may('RUN_PAYROLL'));

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });

  $effect(() => {
    const payGroupId = road.payGroupId;
    if (isPayroll)
      answer(
        api.GET('/api/road', { params: { query: payGroupId === null ? {} : { payGroupId } } }),
      ).then((loaded) => (runs = loaded));
  });

  /** The period that is gathered, where payroll looks; for others the as-of day. */
  const usual = $derived.by(() => {
    const now = openPeriod(runs, asOf.day);
    return now ? { from: now.first, through: now.last } : { from: asOf.day, through: asOf.day };
  });
  const days = $derived(chosen ?? usual);
  const conditions = $derived(writtenConditions(wanted.conditions, figureTyped));

  const query = $derived({
    ...days,
    ...(wanted.search && { search: wanted.search }),
    ...(wanted.teamId && { teamId: Number(wanted.teamId) }),
    ...(isPayroll && runs?.payGroupId && chosen === null && { payGroupId: runs.payGroupId }),
    ...(conditions?.length && { condition: conditions }),
    ...(wanted.onlyThere && { onlyThere: true }),
    ...(wanted.order && { order: wanted.order }),
  });

  $effect(() => {
    if (conditions === null || (isPayroll && runs === null)) return;
    const asked = { ...query, page, size: SIZE };
    return soon(
      () =>
        ask(
          answer(api.GET('/api/attendance', { params: { query: asked } })),
          (loaded) => {
            found = loaded;
            problem = null;
          },
          (thrown) => (problem = Problem.of(thrown)),
        ),
      100,
    );
  });

  function open(row: AttendanceRow) {
    void push(`/hours/${row.personId}?on=${days.from}`);
  }

  function show(view: Wanted) {
    wanted = structuredClone(view);
    page = 0;
  }

  function blank(row: AttendanceRow, column: { key: string }): string | null {
    return column.key === 'unfinished' && row.unfinished === '0' ? '' : null;
  }
</script>

{#snippet person(row: AttendanceRow)}
  <a class="underline" href={`#/hours/${row.personId}?on=${days.from}`} data-row>{row.person}</a>
  {#if row.remarks.length > 0}
    <span class="block max-w-72 text-xs">{row.remarks.join(' ')}</span>
  {/if}
{/snippet}

<div class="mb-3 flex flex-wrap items-end gap-2">
  <h1 class="mr-auto">Hours</h1>
  {#if isPayroll}<a class="underline" href="#/hours/file">Bring in a file</a>
    <a class="underline" href="#/hours/terminals">Clock terminals</a>
    <a class="underline" href="#/hours/rules">Rules</a>{/if}
  <input
    class="input w-44"
    type="search"
    placeholder="Name, code or team"
    aria-label="Search people"
    bind:value={wanted.search}
    oninput={() => (page = 0)}
  />
  <select
    class="select w-36"
    aria-label="Team"
    bind:value={wanted.teamId}
    onchange={() => (page = 0)}
  >
    <option value="">All teams</option>
    {#each organisation?.teams ?? [] as team (team.id)}
      <option value={String(team.id)}>{team.name}</option>
    {/each}
  </select>
  {#if found?.total}<Downloads path="/api/attendance/table" {query} />{/if}
</div>
<div class="mb-2 flex flex-wrap items-center gap-2">
  <button class="btn btn-sm" onclick={() => (chosen = { from: asOf.day, through: asOf.day })}
    >Today</button
  >
  {#if isPayroll}
    <button class="btn btn-sm" onclick={() => (chosen = null)}>The period of the run</button>
  {/if}
  <DateField
    label="From"
    class="input input-sm w-36"
    bind:value={
      () => days.from,
      (from) => (chosen = { from, through: from > days.through ? from : days.through })
    }
  />
  to
  <DateField
    label="Through"
    class="input input-sm w-36"
    bind:value={
      () => days.through,
      (through) => (chosen = { from: through < days.from ? through : days.from, through })
    }
  />
  <label class="flex items-center gap-1.5">
    <input type="checkbox" class="checkbox checkbox-sm" bind:checked={wanted.onlyThere} />
    there now
  </label>
  <Conditions bind:conditions={wanted.conditions} figures={FIGURES} read={figureTyped} />
</div>
<div class="mb-3 flex flex-wrap items-center gap-2 text-sm">
  <KeptViewList {kept} {wanted} {show} />
  {#if found}
    <span class="ml-auto" data-counts
      >{peopleCounted(found.total)}, {found.there} there now, {found.withUnfinished} with unfinished days</span
    >
  {/if}
</div>
<ProblemNote {problem} />
{#if found === null}
  {#if !problem}<Waiting what="Gathering hours" />{/if}
{:else}
  <div class="overflow-x-auto">
    <DataTable
      columns={found.columns}
      rows={found.items}
      key={(row) => String(row.personId)}
      cells={{ person }}
      {blank}
      opened={open}
      ordered={{ by: wanted.order, change: (by) => (wanted.order = by) }}
      sums={[{ person: 'Together', ...found.sums }]}
      empty="Nobody matches. Try other days, another team or fewer conditions."
    />
  </div>
  <Pager total={found.total} size={SIZE} bind:page what="people" />
{/if}
