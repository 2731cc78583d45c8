<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { OfferedReport, Organisation, Report } from '../api/types';
  import DataTable from '../common/DataTable.svelte';
  import DateField from '../common/DateField.svelte';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  let { params = {} }: { params?: { name?: string } } = $props();

  const SHOWN = 500;

  let offered = $state<OfferedReport[] | null>(null);
  let organisation = $state<Organisation | null>(null);
  let from = $state('');
  let through = $state('');
  let teamId = $state<number>();
  let report = $state<Report | null>(null);
  const work = new Work();
  const ask = latest<Report>();

  const chosen = $derived(offered?.find((each) => each.name === params.name) ?? offered?.[0]);
  const query = $derived({ from, through, ...(teamId === undefined ? {} : { teamId }) });

  $effect(() => {
    void work.do(async () => {
      [offered, organisation] = await Promise.all([
        answer(api.GET('/api/reports')),
        answer(api.GET('/api/organisation')),
      ]);
    });
  });

  /** Each report begins with the days about which it is usually asked. */
  $effect(() => {
    if (!chosen) return;
    ({ from, through } = chosen);
    report = null;
  });

  $effect(() => {
    if (!chosen || !from || !through) return;
    ask(
      answer(api.GET('/api/reports/{name}', { params: { path: { name: chosen.name }, query } })),
      (told) => {
        report = told;
        work.problem = null;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });
</script>

<div class="mb-3 flex flex-wrap items-start justify-between gap-3">
  <div>
    <h1>{chosen?.title ?? 'Reports'}</h1>
    {#if chosen}<p class="quiet">{chosen.says}</p>{/if}
  </div>
  {#if chosen && report && report.rows.length > 0}
    <Downloads path={`/api/reports/${chosen.name}/table`} {query} />
  {/if}
</div>
{#if offered === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Fetching the reports" />{/if}
{:else if chosen}
  <div class="mb-4 flex flex-wrap items-end gap-4">
    <label>
      <span class="block text-sm font-semibold">Report</span>
      <select
        class="select w-56"
        aria-label="Report"
        value={chosen.name}
        onchange={(event) => push(`/reports/${event.currentTarget.value}`)}
      >
        {#each offered as each (each.name)}<option value={each.name}>{each.title}</option>{/each}
      </select>
    </label>
    <label>
      <span class="block text-sm font-semibold">From</span>
      <DateField class="input w-40" name="from" bind:value={from} />
    </label>
    <label>
      <span class="block text-sm font-semibold">Through</span>
      <DateField class="input w-40" name="through" bind:value={through} />
    </label>
    <label>
      <span class="block text-sm font-semibold">Team</span>
      <select class="select w-44" aria-label="Team" bind:value={teamId}>
        <option value={undefined}>All teams</option>
        {#each organisation?.teams ?? [] as each (each.id)}<option value={each.id}
            >{each.name}</option
          >{/each}
      </select>
    </label>
  </div>
  <ProblemNote problem={work.problem} />
  {#if report === null}
    {#if !work.problem}<Waiting what="Working it out" />{/if}
  {:else if report.rows.length === 0}
    <Empty><p>Nothing falls into these days. Choose others, or all teams.</p></Empty>
  {:else}
    <div data-report>
      <DataTable
        columns={report.columns}
        rows={report.rows.slice(0, SHOWN)}
        key={(row) => JSON.stringify(row)}
        sortable
      />
    </div>
    <p class="quiet mt-2 text-sm">
      {counted(report.rows.length, 'row')}{report.rows.length > SHOWN
        ? `; the first ${SHOWN} are shown, the files have all`
        : ''}.
    </p>
  {/if}
{/if}
