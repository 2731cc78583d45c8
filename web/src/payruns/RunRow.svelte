<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Column, RequestSummary, WorksheetRow } from '../api/types';
  import { lapsesNext } from '../balances/lapsing';
  import Amount from '../common/Amount.svelte';
  import { isNegative, isZero } from '../common/decimal';
  import { unitName } from '../common/format';
  import SidePanel from '../common/SidePanel.svelte';
  import { valueOf } from '../common/tables';
  import RequestTable from '../requests/RequestTable.svelte';
  import RunLines from './RunLines.svelte';

  let {
    row,
    columns,
    period,
    mend,
    ledger,
    lieu,
    statement,
    close,
  }: {
    row: WorksheetRow;
    columns: Column[];
    period: { first: string; last: string };
    /** Opens the card. */
    mend: (row: WorksheetRow) => void;
    /** Opens the ledger of the balance. */
    ledger: (row: WorksheetRow) => void;
    /** Opens the extra hours, null where they can no longer become time. */
    lieu: ((row: WorksheetRow) => void) | null;
    /** The closed run whose statement there is, null while it is open. */
    statement: number | null;
    close: () => void;
  } = $props();

  let requests = $state<RequestSummary[]>([]);
  let lapses = $state('');

  $effect(() => {
    const path = { personId: row.personId };
    const query = { asOf: period.last };
    answer(api.GET('/api/people/{personId}/balances', { params: { path, query } })).then(
      (loaded) => {
        const own = loaded.items.find((each) => each.policyId === row.policyId);
        lapses = own === undefined ? '' : lapsesNext(own);
      },
      () => (lapses = ''),
    );
  });

  $effect(() => {
    const path = { personId: row.personId };
    answer(api.GET('/api/people/{personId}/requests', { params: { path } })).then(
      (all) =>
        (requests = all.filter((each) => each.first <= period.last && each.last >= period.first)),
      () => (requests = []),
    );
  });

  /** What leads from the opening to the closing figure, those that are not 0. */
  function parts() {
    return columns
      .filter(({ title, kind }) => kind !== 'RESULT' && /^[+−±] /.test(title))
      .map(({ key, title }) => {
        const amount = valueOf(row, key) as string;
        const taken = title.startsWith('−') !== isNegative(amount);
        return { title, sign: taken ? '−' : '+', amount: amount.replace('-', '') };
      })
      .filter(({ amount }) => !isZero(amount));
  }
</script>

<SidePanel title={`${row.person}: ${row.policy}`} {close}>
  <p class="mb-3 text-lg">
    <Amount value={row.opening} />
    {#each parts() as part (part.title)}
      <span title={part.title}>{part.sign} <Amount value={part.amount} /></span>
    {/each}
    = <strong><Amount value={row.closing} /></strong>
    {unitName(row.unit)}
  </p>
  {#if lapses}<p class="mb-3">{lapses}.</p>{/if}
  {#if row.hours}<p class="mb-3">Hours of the period: {row.hours}.</p>{/if}
  <RunLines lines={row.lines} />
  {#if requests.length > 0}
    <h3 class="mt-4 mb-1 font-semibold">Requests of the period</h3>
    <RequestTable {requests} />
  {/if}
  <p class="mt-4 flex flex-wrap gap-x-4 gap-y-1">
    <button class="underline" onclick={() => mend(row)}>The time card</button>
    <button class="underline" onclick={() => ledger(row)}>The ledger</button>
    {#if lieu}<button class="underline" onclick={() => lieu(row)}>Extra hours</button>{/if}
    {#if statement !== null}
      <a class="underline" href={`/api/people/${row.personId}/statements/${statement}`} download
        >The statement</a
      >
    {/if}
    <a class="underline" href={`#/balances/${row.personId}/${row.policyId}`}>The whole balance</a>
  </p>
</SidePanel>
