<script lang="ts">
  import { router } from 'svelte-spa-router';
  import { read } from '../common/address';
  import { soon } from '../common/soon';
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AuditRecord } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { latest } from '../common/latest';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import AuditList from './AuditList.svelte';
  import { Work } from '../common/work.svelte';

  const SIZE = 50;

  let subjects = $state<string[]>([]);
  const asked = read(router.querystring ?? '');
  let subject = $state(asked.subject ?? '');
  let actor = $state(asked.actor ?? '');
  let search = $state(asked.search ?? '');
  let from = $state(asked.from ?? '');
  let through = $state(asked.through ?? '');
  let page = $state(0);
  let found = $state<{ items: AuditRecord[]; total: number } | null>(null);
  const work = new Work();
  const ask = latest<{ items: AuditRecord[]; total: number }>();

  const filters = $derived(
    Object.fromEntries(
      Object.entries({ subject, actor, search, from, through }).filter(([, value]) => value !== ''),
    ),
  );
  const exported = $derived(`/api/audit/export?${new URLSearchParams(filters)}`);

  $effect(() => {
    answer(api.GET('/api/audit/subjects')).then((loaded) => (subjects = loaded));
  });

  $effect(() => {
    const query = { ...filters, page, size: SIZE };
    return soon(
      () =>
        ask(
          answer(api.GET('/api/audit', { params: { query } })),
          (loaded) => {
            found = loaded;
            work.problem = null;
          },
          (thrown) => (work.problem = Problem.of(thrown)),
        ),
      150,
    );
  });

  function first() {
    page = 0;
  }
</script>

<h1 class="mb-3">Audit trail</h1>
<div class="mb-4 flex flex-wrap items-end gap-2">
  <input
    class="input w-52"
    type="search"
    placeholder="What was done, or a value"
    aria-label="Search changes"
    bind:value={search}
    oninput={first}
  />
  <input class="input w-40" placeholder="Who" aria-label="Who" bind:value={actor} oninput={first} />
  <select class="select w-40" aria-label="Thing" bind:value={subject} onchange={first}>
    <option value="">Everything</option>
    {#each subjects as each (each)}<option value={each}>{each}</option>{/each}
  </select>
  <label class="text-sm">
    From <DateField class="input w-40" bind:value={from} onchange={first} />
  </label>
  <label class="text-sm">
    through <DateField class="input w-40" bind:value={through} onchange={first} />
  </label>
  <a class="ml-auto underline" href={exported} download>Export these</a>
</div>
<ProblemNote problem={work.problem} />
{#if found === null}
  {#if !work.problem}<Waiting what="Reading the trail" />{/if}
{:else if found.items.length === 0}
  <Empty><p>Nothing was changed like that.</p></Empty>
{:else}
  <AuditList records={found.items} />
  <Pager total={found.total} size={SIZE} bind:page what="changes" />
{/if}
