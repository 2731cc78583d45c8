<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { push, replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Column, Organisation, Policy } from '../api/types';
  import Conditions from '../common/Conditions.svelte';
  import { amountTyped } from '../common/conditions';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted, isDate, peopleCounted } from '../common/format';
  import KeptViewList from '../common/KeptViewList.svelte';
  import { KeptViews } from '../common/keptviews.svelte';
  import LongTable from '../common/LongTable.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { soon } from '../common/soon';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { session } from '../frame/session.svelte';
  import BalanceBeside from './BalanceBeside.svelte';
  import ColumnChoice from './ColumnChoice.svelte';
  import { Everybody, type Row, SUMMED } from './everybody.svelte';
  import { caveat, ROWS, type RowsOf, USUAL, viewOf, type Wanted } from './view';

  const everybody = new Everybody();
  const { long, progress } = everybody;
  const kept = new KeptViews<Wanted>('BALANCES', USUAL);
  const head = $derived(long.head);

  let choosing = $state(false);
  let beside = $state<{ personId: number; policyId: number } | null>(null);
  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);
  const caveats = $derived(caveat(policies, everybody.wanted.policyId, asOf.day));

  onDestroy(() => progress.end());

  /** An address names a view; the one that is shown is put into the address. */
  $effect(() => {
    const query = router.querystring ?? '';
    untrack(() => {
      const { wanted, on } = viewOf(query);
      if (everybody.address === (query && `?${query}`)) return;
      if (on && isDate(on)) asOf.day = on;
      everybody.wanted = wanted;
    });
  });

  $effect(() => {
    const place = `/balances${everybody.address}`;
    untrack(() => {
      const now = `${router.location}${router.querystring ? `?${router.querystring}` : ''}`;
      if (router.location === '/balances' && place !== now) void replace(place);
    });
  });

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
    answer(api.GET('/api/policies')).then(
      (loaded) => (policies = loaded.filter((policy) => !policy.recordedOnly)),
    );
  });

  $effect(() => {
    if (everybody.query === null) return;
    return soon(() => everybody.ask(), 120);
  });

  $effect(() => {
    void long.answered;
    untrack(() => {
      if (long.total && long.total <= SUMMED) void everybody.sumUp();
    });
  });

  /** From a figure to its line and ledger, beside the table. */
  function press(row: Row, column: Column) {
    const policyId = row.policyId ?? Number(/\d+$/.exec(column.key)?.[0]);
    if (row.personId !== undefined) beside = { personId: row.personId, policyId };
  }

  function keyOf(row: Row): string {
    return `${row.personId ?? row.placeId}/${row.policyId ?? ''}`;
  }
</script>

{#snippet person(row: Row)}
  <a
    data-row={everybody.wanted.rows === 'PERSON' ? '' : undefined}
    class="underline"
    href={`#/people/${row.personId}`}>{row.person}</a
  >
{/snippet}

{#snippet policy(row: Row)}
  <a data-row class="underline" href={`#/balances/${row.personId}/${row.policyId}`}>{row.policy}</a>
{/snippet}

{#snippet upAhead(row: Row)}
  <span class="quiet">{row.upAhead}</span>
{/snippet}

<div class="mb-3 flex flex-wrap items-end gap-2">
  <h1 class="mr-auto">{session.may('SEE_EVERYBODY') ? 'Balances' : 'Balances of your people'}</h1>
  <input
    class="input w-44"
    type="search"
    placeholder="Name, code or team"
    aria-label="Search people"
    bind:value={everybody.wanted.search}
  />
  {#if session.may('SEE_EVERYBODY')}
    <select class="select w-36" aria-label="Team" bind:value={everybody.wanted.teamId}>
      <option value="">All teams</option>
      {#each organisation?.teams ?? [] as team (team.id)}
        <option value={String(team.id)}>{team.name}</option>
      {/each}
    </select>
    <select class="select w-36" aria-label="Site" bind:value={everybody.wanted.siteId}>
      <option value="">All sites</option>
      {#each organisation?.sites ?? [] as site (site.id)}
        <option value={String(site.id)}>{site.name}</option>
      {/each}
    </select>
  {/if}
  <select class="select w-44" aria-label="Policy" bind:value={everybody.wanted.policyId}>
    <option value="">All policies</option>
    {#each policies as each (each.id)}
      <option value={String(each.id)}>{each.name}{each.retired ? ' (retired)' : ''}</option>
    {/each}
  </select>
  {#if long.total && everybody.query}
    <Downloads path="/api/balances/table" query={everybody.query} />
  {/if}
</div>
<p class="-mt-2 mb-3 flex flex-wrap gap-x-4 text-sm">
  <a class="underline" href="#/ahead">What is ahead</a>
  {#if session.may('ADJUST_BALANCES')}
    <a class="underline" href="#/balances/openings">Opening balances</a>
    <a class="underline" href="#/balances/adjust">Adjust many</a>
    <a class="underline" href="#/balances/held-against">Hold against another record</a>
  {/if}
  {#if session.may('RUN_PAYROLL')}<a class="underline" href="#/year-end">Year's end</a>{/if}
  {#if session.may('SEE_PAY_RATES')}<a class="underline" href="#/value">What leave is worth</a>{/if}
</p>
<div class="mb-3 flex flex-wrap items-center gap-2 text-sm">
  <select
    class="select select-sm w-60"
    aria-label="What a row is"
    value={everybody.wanted.rows}
    onchange={(event) => everybody.change(event.currentTarget.value as RowsOf)}
  >
    {#each Object.entries(ROWS) as [name, words] (name)}<option value={name}>{words}</option>{/each}
  </select>
  <button class="btn btn-sm" onclick={() => (choosing = true)} disabled={head === null}
    >Columns</button
  >
  {#if everybody.wanted.rows === 'BALANCE'}
    <Conditions
      bind:conditions={everybody.wanted.conditions}
      figures={everybody.figures}
      read={amountTyped}
    />
  {/if}
  <label class="flex items-center gap-1.5">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={everybody.wanted.withOthers}
    />
    with those not employed that day
  </label>
  <KeptViewList
    {kept}
    wanted={everybody.wanted}
    show={(view) => (everybody.wanted = structuredClone(view))}
  />
  {#if long.total !== null}
    <span class="ml-auto" data-counts
      >{everybody.wanted.rows === 'PERSON'
        ? peopleCounted(long.total)
        : counted(long.total, everybody.isSum ? 'sum' : 'balance')}
      {#if !everybody.summed && long.total > SUMMED && everybody.wanted.rows !== 'PERSON'}
        <button class="underline" onclick={() => everybody.sumUp()}>Add them up</button>
      {/if}</span
    >
  {/if}
</div>
<ProblemNote problem={long.problem} />
{#if caveats}<p class="mb-2 border-l-4 border-accent pl-2" data-caveat>{caveats}</p>{/if}
{#if progress.step && progress.step.of > 0}
  <p class="quiet" role="status">
    {progress.step.what}: {progress.step.done} of {progress.step.of}
  </p>
{/if}
{#if head === null || long.total === null}
  {#if !long.problem}<Waiting what="Working out balances" />{/if}
{:else if long.total === 0}
  <Empty
    ><p>
      {session.may('SEE_EVERYBODY')
        ? 'No balance matches. Try other words, fewer conditions, or another team or policy.'
        : 'No balance matches. Here are the balances of the people whose requests you decide.'}
    </p></Empty
  >
{:else}
  <LongTable
    {long}
    columns={head.columns}
    key={keyOf}
    cells={everybody.isSum
      ? {}
      : { person, ...(everybody.wanted.rows === 'BALANCE' && { policy }), upAhead }}
    opened={everybody.isSum ? (row) => void push(`/balances${everybody.inside(row)}`) : undefined}
    pressed={everybody.isSum ? undefined : press}
    ordered={{ by: everybody.wanted.order, change: (by) => (everybody.wanted.order = by) }}
    sums={everybody.lastLines}
  />
{/if}
{#if choosing && head}
  <ColumnChoice
    offered={head.offered}
    chosen={everybody.wanted.columns.length > 0
      ? everybody.wanted.columns
      : head.columns.map(({ key }) => key)}
    choose={(keys) => (everybody.wanted.columns = keys)}
    close={() => (choosing = false)}
  />
{/if}
{#if beside}
  <BalanceBeside {...beside} asOf={asOf.day} close={() => (beside = null)} />
{/if}
