<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { push, replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { OfferedReport, Organisation, Report } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted, unitName } from '../common/format';
  import KeptViewList from '../common/KeptViewList.svelte';
  import { KeptViews } from '../common/keptviews.svelte';
  import { LongRows } from '../common/longrows.svelte';
  import LongTable from '../common/LongTable.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import { soon } from '../common/soon';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { addressOf, type Asked, askedBy, queryOf, USUAL } from './question';
  import SendByMail from './SendByMail.svelte';
  import YearPicture from './YearPicture.svelte';

  type Row = Record<string, unknown> & { at: number };
  type Head = Omit<Report, 'rows'>;
  /** A view names its report, too. */
  type View = Asked & { report: string };

  const REPORTS = '/reports';

  let offered = $state<OfferedReport[] | null>(null);
  let organisation = $state<Organisation | null>(null);
  let asked = $state<Asked>(askedBy(router.querystring ?? ''));
  let pictured = $state(false);
  let sending = $state(false);
  const work = new Work();
  const long = new LongRows<Row, Head>();
  const progress = new LongWork();
  const kept = new KeptViews<View>('REPORTS', { ...USUAL, report: '' });

  onDestroy(() => progress.end());

  /** By the address itself, with which the question in it changes at once. */
  const named = $derived(router.location.slice(REPORTS.length + 1));
  const chosen = $derived(offered?.find((each) => each.name === named) ?? offered?.[0]);
  const query = $derived(chosen ? queryOf(asked, chosen) : null);

  $effect(() => {
    void work.do(async () => {
      [offered, organisation] = await Promise.all([
        answer(api.GET('/api/reports')),
        answer(api.GET('/api/organisation')),
      ]);
    });
  });

  /** An address names what is asked; what is asked is put into the address. */
  $effect(() => {
    const there = askedBy(router.querystring ?? '');
    untrack(() => {
      if (addressOf(there) !== addressOf(asked)) asked = there;
    });
  });

  $effect(() => {
    if (!chosen) return;
    const place = `${REPORTS}/${chosen.name}${addressOf(asked)}`;
    untrack(() => {
      const now = `${router.location}${router.querystring ? `?${router.querystring}` : ''}`;
      if (router.location.startsWith(REPORTS) && place !== now) void replace(place);
    });
  });

  $effect(() => {
    if (!chosen || query === null) return;
    const { name } = chosen;
    const question = { ...query, ...(asked.order && { order: asked.order }) };
    return soon(
      () =>
        long.ask((firstRow, size) =>
          progress.of(async (token) => {
            const { rows, ...head } = await answer(
              api.GET('/api/reports/{name}', {
                params: {
                  path: { name },
                  query: { ...question, firstRow, size, progress: token },
                },
              }),
            );
            return {
              rows: rows.map((row, at): Row => ({ ...row, at: firstRow + at })),
              total: head.total,
              head,
            };
          }),
        ),
      150,
    );
  });

  const lastLines = $derived(
    (long.head?.sums ?? []).map(({ unit, figures }) => ({
      ...figures,
      [long.head?.columns[0]?.key ?? '']: unit ? `In ${unitName(unit)} together` : 'Together',
    })),
  );

  function choose(name: string) {
    asked = { ...USUAL };
    pictured = false;
    void push(`${REPORTS}/${name}`);
  }

  function show({ report, ...view }: View) {
    asked = view;
    if (report !== chosen?.name) void push(`${REPORTS}/${report}${addressOf(view)}`);
  }

  const more = $derived([
    ...(long.head?.perPerson ? [{ name: 'A sheet each', ending: '.xlsx?sheets=true' }] : []),
    { name: 'PDF', ending: '.pdf' },
  ]);
</script>

<div class="mb-3 flex flex-wrap items-start justify-between gap-3">
  <div>
    <h1>{chosen?.title ?? 'Reports'}</h1>
    {#if chosen}<p class="quiet">{chosen.says}</p>{/if}
  </div>
  {#if chosen && query && long.total}
    <Downloads path={`/api/reports/${chosen.name}/table`} {query} {more} progressed />
  {/if}
</div>
{#if offered === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Fetching the reports" />{/if}
{:else if chosen && query}
  <div class="mb-3 flex flex-wrap items-end gap-3">
    <label>
      <span class="block text-sm font-semibold">Report</span>
      <select
        class="select w-48"
        aria-label="Report"
        value={chosen.name}
        onchange={(event) => choose(event.currentTarget.value)}
      >
        {#each offered as each (each.name)}<option value={each.name}>{each.title}</option>{/each}
      </select>
    </label>
    {#if !chosen.ofOneDay}
      <label>
        <span class="block text-sm font-semibold">From</span>
        <DateField
          class="input w-36"
          name="from"
          bind:value={() => query.from, (from) => (asked.from = from)}
        />
      </label>
    {/if}
    <label>
      <span class="block text-sm font-semibold">{chosen.ofOneDay ? 'On' : 'Through'}</span>
      <DateField
        class="input w-36"
        name="through"
        bind:value={() => query.through, (through) => (asked.through = through)}
      />
    </label>
    <select class="select w-36" aria-label="Team" bind:value={asked.teamId}>
      <option value="">All teams</option>
      {#each organisation?.teams ?? [] as each (each.id)}<option value={String(each.id)}
          >{each.name}</option
        >{/each}
    </select>
    <select class="select w-36" aria-label="Site" bind:value={asked.siteId}>
      <option value="">All sites</option>
      {#each organisation?.sites ?? [] as each (each.id)}<option value={String(each.id)}
          >{each.name}</option
        >{/each}
    </select>
    <input
      class="input w-40"
      type="search"
      placeholder="Name or code"
      aria-label="Search the report"
      bind:value={asked.search}
    />
  </div>
  <div class="mb-3 flex flex-wrap items-center gap-2 text-sm">
    {#if chosen.name === 'absences'}
      <button class="btn btn-sm" onclick={() => (pictured = !pictured)}
        >{pictured ? 'As a table' : 'As a year’s picture'}</button
      >
    {/if}
    <button class="btn btn-sm" onclick={() => (sending = true)}>Send by mail</button>
    <KeptViewList {kept} wanted={{ ...asked, report: chosen.name }} {show} />
    {#if long.total !== null}
      <span class="ml-auto" data-counts
        >{counted(long.total, 'row')}{long.head?.cut ? ' here; the files have all' : ''}</span
      >
    {/if}
  </div>
  <ProblemNote problem={work.problem ?? long.problem} />
  {#if progress.step && progress.step.of > 0}
    <p class="quiet" role="status">
      {progress.step.what}: {progress.step.done} of {progress.step.of}
    </p>
  {/if}
  {#if pictured && chosen.name === 'absences'}
    <YearPicture {query} />
  {:else if long.total === null || long.head === null}
    {#if !long.problem}<Waiting what="Working it out" />{/if}
  {:else if long.total === 0}
    <Empty><p>Nothing falls into these days. Choose others, or all teams.</p></Empty>
  {:else}
    <div data-report>
      <LongTable
        {long}
        columns={long.head.columns}
        key={(row) => String(row.at)}
        ordered={{ by: asked.order, change: (by) => (asked.order = by) }}
        sums={lastLines}
      />
    </div>
  {/if}
{/if}
{#if sending && chosen && offered}
  <SendByMail report={chosen} reports={offered} {asked} close={() => (sending = false)} />
{/if}
