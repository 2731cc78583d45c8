<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { push, replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { BalanceTable, Column, Organisation, Policy } from '../api/types';
  import Conditions from '../common/Conditions.svelte';
  import { amountTyped } from '../common/conditions';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { counted, isDate, peopleCounted, unitName } from '../common/format';
  import KeptViewList from '../common/KeptViewList.svelte';
  import { KeptViews } from '../common/keptviews.svelte';
  import { LongRows } from '../common/longrows.svelte';
  import LongTable from '../common/LongTable.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { LongWork } from '../common/progress.svelte';
  import { soon } from '../common/soon';
  import { isNumber } from '../common/tables';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { session } from '../frame/session.svelte';
  import BalanceBeside from './BalanceBeside.svelte';
  import ColumnChoice from './ColumnChoice.svelte';
  import { addressOf, queryOf, ROWS, USUAL, viewOf, type RowsOf, type Wanted } from './view';

  /** A row of whatever is shown: its figures by the keys of the columns, and what it is about. */
  type Row = Record<string, unknown> & {
    personId?: number;
    policyId?: number;
    placeId?: number;
  };

  /** So many rows are added up without being asked. */
  const SUMMED = 2_000;

  let wanted = $state<Wanted>({ ...USUAL });
  let sums = $state<BalanceTable['sums']>([]);
  let summed = $state(false);
  let choosing = $state(false);
  let beside = $state<{ personId: number; policyId: number } | null>(null);
  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);
  const kept = new KeptViews<Wanted>('BALANCES', USUAL);
  const long = new LongRows<Row, Pick<BalanceTable, 'columns' | 'offered'>>();
  const head = $derived(long.head);
  const progress = new LongWork();

  onDestroy(() => progress.end());

  /** An address names a view; the one that is shown is put into the address. */
  $effect(() => {
    const { wanted: named, on } = viewOf(router.querystring ?? '');
    untrack(() => {
      if (address === `?${router.querystring ?? ''}`) return;
      if (on && isDate(on)) asOf.day = on;
      wanted = named;
    });
  });

  const address = $derived(
    addressOf(wanted, asOf.day === session.current.today ? '' : asOf.day) || '?',
  );

  $effect(() => {
    const place = `/balances${address === '?' ? '' : address}`;
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

  const query = $derived(queryOf(wanted, asOf.day));

  function fetchRows(asked: NonNullable<typeof query>, firstRow: number, size: number) {
    return progress.of(async (token) => {
      const found = await answer(
        api.GET('/api/balances', {
          params: { query: { ...asked, firstRow, size, progress: token } },
        }),
      );
      return { rows: found.rows as Row[], total: found.total, head: found };
    });
  }

  $effect(() => {
    const asked = query;
    if (asked === null) return;
    return soon(() => {
      sums = [];
      summed = false;
      long.ask((firstRow, size) => fetchRows(asked, firstRow, size));
    }, 120);
  });

  $effect(() => {
    void long.answered;
    untrack(() => {
      if (long.total && long.total <= SUMMED) void sumUp();
    });
  });

  async function sumUp() {
    const asked = query;
    if (asked === null || summed || wanted.rows === 'PERSON') return;
    summed = true;
    const found = await progress.of((token) =>
      answer(
        api.GET('/api/balances', {
          params: { query: { ...asked, size: 1, sums: true, progress: token } },
        }),
      ),
    );
    if (asked === query) sums = found.sums;
  }

  const lastLines = $derived(
    sums.map(({ unit, figures }) => ({
      ...figures,
      [head?.columns[0]?.key ?? '']: `In ${unitName(unit)} together`,
    })),
  );

  function show(view: Wanted) {
    wanted = structuredClone(view);
  }

  /** From a sum to what it is made of; back with the browser. */
  function open(row: Row) {
    const place: Partial<Wanted> =
      wanted.rows === 'TEAM'
        ? { teamId: String(row.placeId) }
        : wanted.rows === 'SITE'
          ? { siteId: String(row.placeId) }
          : {};
    const inside: Wanted = {
      ...$state.snapshot(wanted),
      ...place,
      policyId: String(row.policyId),
      rows: 'BALANCE',
      order: '',
      columns: [],
    };
    const on = asOf.day === session.current.today ? '' : asOf.day;
    void push(`/balances${addressOf(inside, on)}`);
  }

  /** From a figure to its line and ledger, beside the table. */
  function press(row: Row, column: Column) {
    const policyId = row.policyId ?? Number(/\d+$/.exec(column.key)?.[0]);
    if (row.personId !== undefined) beside = { personId: row.personId, policyId };
  }

  function change(rows: RowsOf) {
    wanted = { ...wanted, rows, order: '', columns: rows === 'PERSON' ? ['balance'] : [] };
  }

  const isSum = $derived(['TEAM', 'SITE', 'POLICY'].includes(wanted.rows));
  const figures = $derived(
    Object.fromEntries(
      (head?.offered ?? [])
        .filter((column) => isNumber(column) && wanted.rows === 'BALANCE')
        .map(({ key, title }) => [key, title.replace(/^[^A-Za-z]+/, '')]),
    ),
  );

  function keyOf(row: Row): string {
    return `${row.personId ?? row.placeId}/${row.policyId ?? ''}`;
  }
</script>

{#snippet person(row: Row)}
  <a
    data-row={wanted.rows === 'PERSON' ? '' : undefined}
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
    bind:value={wanted.search}
  />
  {#if session.may('SEE_EVERYBODY')}
    <select class="select w-36" aria-label="Team" bind:value={wanted.teamId}>
      <option value="">All teams</option>
      {#each organisation?.teams ?? [] as team (team.id)}
        <option value={String(team.id)}>{team.name}</option>
      {/each}
    </select>
    <select class="select w-36" aria-label="Site" bind:value={wanted.siteId}>
      <option value="">All sites</option>
      {#each organisation?.sites ?? [] as site (site.id)}
        <option value={String(site.id)}>{site.name}</option>
      {/each}
    </select>
  {/if}
  <select class="select w-36" aria-label="Policy" bind:value={wanted.policyId}>
    <option value="">All policies</option>
    {#each policies as each (each.id)}
      <option value={String(each.id)}>{each.name}</option>
    {/each}
  </select>
  {#if long.total && query}<Downloads path="/api/balances/table" {query} />{/if}
</div>
<p class="-mt-2 mb-3 flex flex-wrap gap-x-4 text-sm">
  <a class="underline" href="#/ahead">What is ahead</a>
  {#if session.may('ADJUST_BALANCES')}
    <a class="underline" href="#/balances/openings">Opening balances</a>
    <a class="underline" href="#/balances/adjust">Adjust many</a>
    <a class="underline" href="#/balances/held-against">Hold against another record</a>
  {/if}
</p>
<div class="mb-3 flex flex-wrap items-center gap-2 text-sm">
  <select
    class="select select-sm w-60"
    aria-label="What a row is"
    value={wanted.rows}
    onchange={(event) => change(event.currentTarget.value as RowsOf)}
  >
    {#each Object.entries(ROWS) as [name, words] (name)}<option value={name}>{words}</option>{/each}
  </select>
  <button class="btn btn-sm" onclick={() => (choosing = true)} disabled={head === null}
    >Columns</button
  >
  {#if wanted.rows === 'BALANCE'}
    <Conditions bind:conditions={wanted.conditions} {figures} read={amountTyped} />
  {/if}
  <label class="flex items-center gap-1.5">
    <input type="checkbox" class="checkbox checkbox-sm" bind:checked={wanted.withOthers} />
    with those not employed that day
  </label>
  <KeptViewList {kept} {wanted} {show} />
  {#if long.total !== null}
    <span class="ml-auto" data-counts
      >{wanted.rows === 'PERSON'
        ? peopleCounted(long.total)
        : counted(long.total, isSum ? 'sum' : 'balance')}
      {#if !summed && long.total > SUMMED && wanted.rows !== 'PERSON'}
        <button class="underline" onclick={sumUp}>Add them up</button>
      {/if}</span
    >
  {/if}
</div>
<ProblemNote problem={long.problem} />
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
    cells={isSum ? {} : { person, ...(wanted.rows === 'BALANCE' && { policy }), upAhead }}
    opened={isSum ? open : undefined}
    pressed={isSum ? undefined : press}
    ordered={{ by: wanted.order, change: (by) => (wanted.order = by) }}
    sums={lastLines}
  />
{/if}
{#if choosing && head}
  <ColumnChoice
    offered={head.offered}
    chosen={wanted.columns.length > 0 ? wanted.columns : head.columns.map(({ key }) => key)}
    choose={(keys) => (wanted.columns = keys)}
    close={() => (choosing = false)}
  />
{/if}
{#if beside}
  <BalanceBeside {...beside} asOf={asOf.day} close={() => (beside = null)} />
{/if}
