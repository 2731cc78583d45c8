<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Person } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, words } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';

  const SIZE = 25;

  let search = $state('');
  let page = $state(0);
  let found = $state<{ items: Person[]; total: number } | null>(null);
  let problem = $state<Problem | null>(null);

  $effect(() => {
    const query = { search, page, size: SIZE };
    const timer = window.setTimeout(() => {
      answer(api.GET('/api/people', { params: { query } })).then(
        (loaded) => {
          found = loaded;
          problem = null;
        },
        (thrown) => (problem = Problem.of(thrown)),
      );
    }, 120);
    return () => window.clearTimeout(timer);
  });
</script>

<div class="mb-4 flex flex-wrap items-end justify-between gap-4">
  <h1>People</h1>
  <input
    class="input w-72"
    type="search"
    placeholder="Name, code or team"
    aria-label="Search people"
    bind:value={search}
    oninput={() => (page = 0)}
  />
</div>
<ProblemNote {problem} />
{#if found === null}
  <Waiting what="Fetching the directory" />
{:else if found.items.length === 0}
  <Empty><p>{search ? `Nobody matches “${search}”.` : 'Nobody is here yet.'}</p></Empty>
{:else}
  <table class="figures" use:listKeys>
    <thead>
      <tr>
        <th>Code</th><th>Name</th><th>Team</th><th>Site</th><th>Employed as</th><th>Pay group</th>
        <th>Approver</th><th>Hired</th><th>Last day</th>
      </tr>
    </thead>
    <tbody>
      {#each found.items as person (person.id)}
        <tr class="cursor-pointer" onclick={() => push(`/people/${person.id}`)}>
          <td>{person.code}</td>
          <td><a data-row class="underline" href={`#/people/${person.id}`}>{person.name}</a></td>
          <td>{person.team}</td>
          <td>{person.site}</td>
          <td>{words(person.employmentType)}</td>
          <td>{person.payGroup}</td>
          <td>{person.approver ?? ''}</td>
          <td class="whitespace-nowrap">{day(person.hired)}</td>
          <td class="whitespace-nowrap">{person.lastDay ? day(person.lastDay) : ''}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <Pager total={found.total} size={SIZE} bind:page what="people" />
{/if}
