<script lang="ts">
  import type { Column, Worksheet, WorksheetGroup, WorksheetRow } from '../api/types';
  import DataTable from '../common/DataTable.svelte';
  import Downloads from '../common/Downloads.svelte';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { firstOfEach, keyOfRow } from './rows';
  import { RunRows, type Together, type Which } from './worksheet.svelte';

  let {
    worksheet,
    opened,
  }: {
    worksheet: Worksheet;
    opened: (row: WorksheetRow) => void;
  } = $props();

  const rows = new RunRows();
  const id = $derived(worksheet.run.id);
  const firsts = $derived(firstOfEach(rows.rows?.items ?? []));

  $effect(() => {
    if (worksheet.sums) rows.load(id);
  });

  /** Of what is only recorded there is nothing but what was used; hours stand once a person. */
  function notKept(row: WorksheetRow, { key, kind }: Column): string | null {
    if (key === 'hours') return firsts.includes(keyOfRow(row)) ? null : '';
    if (!row.recordedOnly || key === 'used') return null;
    if (key === 'opening') return 'only recorded';
    return ['AMOUNT', 'CHANGE', 'RESULT'].includes(kind) ? '' : null;
  }
</script>

<div class="mb-2 flex flex-wrap items-end justify-between gap-3">
  <h2>{worksheet.run.state === 'CLOSED' ? 'What was frozen' : 'What will be frozen'}</h2>
  <div class="flex flex-wrap gap-2">
    <input
      class="input w-52"
      type="search"
      placeholder="Person, team or policy"
      aria-label="Search the worksheet"
      value={rows.wanted.search}
      oninput={(event) => rows.change({ search: event.currentTarget.value })}
    />
    <select
      class="select w-40"
      aria-label="Which rows"
      value={rows.wanted.which}
      onchange={(event) => rows.change({ which: event.currentTarget.value as Which | '' })}
    >
      <option value="">All balances</option>
      <option value="UNUSUAL">With a caution</option>
      <option value="MOVED">That move</option>
      <option value="CORRECTED">Corrected</option>
    </select>
    <select
      class="select w-40"
      aria-label="Of which team"
      value={rows.wanted.team}
      onchange={(event) => rows.change({ team: event.currentTarget.value })}
    >
      <option value="">All teams</option>
      {#each worksheet.teams as team (team)}<option>{team}</option>{/each}
    </select>
    <select
      class="select w-40"
      aria-label="Of which policy"
      value={rows.wanted.policy}
      onchange={(event) => rows.change({ policy: event.currentTarget.value })}
    >
      <option value="">All policies</option>
      {#each worksheet.policies as policy (policy)}<option>{policy}</option>{/each}
    </select>
    <select
      class="select w-40"
      aria-label="Added up"
      value={rows.together}
      onchange={(event) => (rows.together = event.currentTarget.value as Together | '')}
    >
      <option value="">Row by row</option>
      <option value="TEAM">Added up by team</option>
      <option value="POLICY">Added up by policy</option>
    </select>
    {#if rows.together === ''}
      <Downloads path={`/api/pay-runs/${id}/worksheet`} query={rows.query} />
    {:else}
      <Downloads path={`/api/pay-runs/${id}/groups`} query={{ ...rows.query, by: rows.together }} />
    {/if}
  </div>
</div>
<ProblemNote problem={rows.work.problem} />
{#if rows.together !== '' && rows.groups}
  {#snippet name(group: WorksheetGroup)}
    <button data-row class="text-left underline" onclick={() => rows.open(group)}
      >{group.name}</button
    >
  {/snippet}
  <DataTable
    columns={rows.groups.columns}
    rows={rows.groups.items}
    key={(group) => `${group.name} ${group.unit}`}
    cells={{ name }}
    sortable
    empty="Nothing to add up."
  />
{:else if rows.rows}
  {#snippet person(row: WorksheetRow)}
    <button
      data-row
      class="text-left underline decoration-base-content/40"
      onclick={() => opened(row)}>{row.person}</button
    >
  {/snippet}
  {#snippet cautions(row: WorksheetRow)}
    {#each row.cautions as words (words)}
      <span class="mr-1 border-l-4 border-accent bg-base-200 px-1.5 text-sm">{words}</span>
    {/each}
    {#each row.accepted as words (words)}
      <span class="quiet mr-1 text-sm">{words}, accepted</span>
    {/each}
  {/snippet}
  <DataTable
    columns={rows.rows.columns}
    rows={rows.rows.items}
    key={keyOfRow}
    cells={{ person, cautions }}
    blank={notKept}
    ordered={{ by: rows.wanted.order, change: (order) => rows.change({ order }) }}
    {opened}
    marks={(row) => ({ 'data-person': row.person, 'data-policy': row.policy })}
    empty="No row matches."
  />
  <Pager total={rows.rows.total} size={RunRows.SIZE} bind:page={rows.page} what="balances" />
{:else if !rows.work.problem}
  <Waiting what="Fetching the rows" />
{/if}
