<script lang="ts">
  import { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { ComparedPage, ComparedRow, PayRun } from '../api/types';
  import { read } from '../common/address';
  import DataTable from '../common/DataTable.svelte';
  import Downloads from '../common/Downloads.svelte';
  import Empty from '../common/Empty.svelte';
  import { span } from '../common/format';
  import { latest } from '../common/latest';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { soon } from '../common/soon';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { aYearAgo, usualOther } from './comparing';

  let { params }: { params: { id: string } } = $props();

  const SIZE = 25;

  let runs = $state<PayRun[] | null>(null);
  let search = $state('');
  let all = $state(false);
  let page = $state(0);
  let found = $state<ComparedPage | null>(null);
  const work = new Work();
  const ask = latest<ComparedPage>();

  const id = $derived(Number(params.id));
  const run = $derived(runs?.find((each) => each.id === id) ?? null);
  const others = $derived((runs ?? []).filter((each) => each.id !== id));
  const asked = $derived(Number(read(router.querystring ?? '').with ?? 0));
  const other = $derived(
    others.find((each) => each.id === asked) ?? (run && usualOther(run, others)),
  );
  const yearAgo = $derived(run && aYearAgo(run, others));

  $effect(() => {
    const wanted = id;
    void work.do(async () => {
      const { payGroups } = await answer(api.GET('/api/organisation'));
      for (const { id: payGroupId } of payGroups) {
        const ofGroup = await answer(
          api.GET('/api/pay-runs', { params: { query: { payGroupId } } }),
        );
        if (ofGroup.some((each) => each.id === wanted)) runs = ofGroup;
      }
    });
  });

  const query = $derived.by(() => {
    const narrowed = { ...(search && { search }), ...(all ? { all } : {}) };
    return other ? { with: other.id, ...narrowed } : null;
  });

  $effect(() => {
    if (!query) return;
    const wanted = { ...query, page, size: SIZE };
    const path = { id };
    return soon(
      () =>
        ask(
          answer(api.GET('/api/pay-runs/{id}/comparison', { params: { path, query: wanted } })),
          (loaded) => {
            found = loaded;
            work.problem = null;
          },
          (thrown) => (work.problem = Problem.of(thrown)),
        ),
      100,
    );
  });

  function choose(withId: number) {
    page = 0;
    found = null;
    void replace(`/pay-runs/${id}/compare?with=${withId}`);
  }
</script>

<p class="mb-1"><a class="underline" href={`#/pay-runs/${id}`}>The run</a></p>
<h1 class="mb-3">
  {run ? `${span(run.firstDay, run.lastDay)} beside another run` : 'Compare runs'}
</h1>
<ProblemNote problem={work.problem} />
{#if run === null}
  {#if !work.problem}<Waiting what="Fetching runs" />{/if}
{:else if !other}
  <Empty><p>There is no other run of this pay group yet.</p></Empty>
{:else}
  <div class="mb-3 flex flex-wrap items-center gap-3">
    <label>
      The other run
      <select
        class="select ml-1 w-64"
        name="other"
        bind:value={() => other.id, (withId) => choose(withId)}
      >
        {#each others as each (each.id)}
          <option value={each.id}>{span(each.firstDay, each.lastDay)}</option>
        {/each}
      </select>
    </label>
    {#if yearAgo}
      <button class="btn btn-sm" onclick={() => choose(yearAgo.id)}>The same a year ago</button>
    {/if}
    <label class="flex items-center gap-1.5">
      <input
        type="checkbox"
        class="checkbox checkbox-sm"
        bind:checked={all}
        onchange={() => (page = 0)}
      />
      what is the same, too
    </label>
    <input
      class="input ml-auto w-52"
      type="search"
      placeholder="Person, team or figure"
      aria-label="Search the comparison"
      bind:value={search}
      oninput={() => (page = 0)}
    />
    {#if query && found?.total}
      <Downloads path={`/api/pay-runs/${id}/comparison/table`} {query} />
    {/if}
  </div>
  {#if found === null}
    {#if !work.problem}<Waiting what="Holding the runs against each other" />{/if}
  {:else}
    {#snippet why(row: ComparedRow)}
      {#each row.why as words (words)}<span class="quiet block text-sm">{words}</span>{/each}
    {/snippet}
    <DataTable
      cells={{ why }}
      columns={found.columns}
      rows={found.items}
      key={(row: ComparedRow) => `${row.personId} ${row.what} ${row.unit}`}
      empty="Nothing differs."
    />
    <Pager total={found.total} size={SIZE} bind:page what="figures" />
  {/if}
{/if}
