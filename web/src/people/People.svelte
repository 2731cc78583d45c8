<script lang="ts">
  import { soon } from '../common/soon';
  import { push, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Column, Directory, EmploymentType, Organisation, Person } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, words } from '../common/format';
  import Heading from '../common/Heading.svelte';
  import { latest } from '../common/latest';
  import { listKeys } from '../common/listkeys';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { valueOf } from '../common/tables';
  import Waiting from '../common/Waiting.svelte';
  import { EMPLOYMENT_TYPES } from './employment';
  import InvitePeople from './InvitePeople.svelte';
  import { Work } from '../common/work.svelte';

  const SIZE = 25;
  const STATUSES = [
    ['EMPLOYED', 'Employed today'],
    ['COMING', 'Begin later'],
    ['LEFT', 'Have left'],
  ] as const;

  let search = $state('');
  let teamId = $state<number>();
  let siteId = $state<number>();
  let payGroupId = $state<number>();
  let employmentType = $state<EmploymentType>();
  let status = $state<(typeof STATUSES)[number][0]>();
  let withoutApprover = $state<true | undefined>(
    (router.querystring ?? '').includes('without-approver') ? true : undefined,
  );
  let order = $state('name');
  let descending = $state(false);
  let page = $state(0);
  let organisation = $state<Organisation | null>(null);
  let found = $state<Directory | null>(null);
  const work = new Work();
  let inviting = $state(false);
  const ask = latest<Directory>();

  const filters = $derived({
    search: search || undefined,
    teamId,
    siteId,
    payGroupId,
    employmentType,
    status,
    withoutApprover,
  });
  const filtered = $derived(Object.values(filters).some((each) => each !== undefined));
  const exported = $derived(
    `/api/people/export?${new URLSearchParams(
      Object.entries(filters)
        .filter(([, value]) => value !== undefined)
        .map(([name, value]) => [name, String(value)]),
    )}`,
  );

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });

  $effect(() => {
    const query = { ...filters, order, descending, page, size: SIZE };
    return soon(() => {
      ask(
        answer(api.GET('/api/people', { params: { query } })),
        (loaded) => {
          found = loaded;
          work.problem = null;
        },
        (thrown) => (work.problem = Problem.of(thrown)),
      );
    }, 120);
  });

  function cell(person: Person, key: string, kind: Column['kind']): string {
    const value = (valueOf(person, key) as string | null) ?? '';
    if (value === '') return '';
    return kind === 'DATE' ? day(value) : kind === 'WORDS' ? words(value) : value;
  }

  function first() {
    page = 0;
  }
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>People</h1>
  <div class="flex flex-wrap gap-2">
    <a class="btn btn-sm" href="#/people/organisation">Sites, teams, pay groups</a>
    <a class="btn btn-sm" href="#/people/import">Bring people in</a>
    <button class="btn btn-sm" disabled={!found?.total} onclick={() => (inviting = true)}
      >Invite these</button
    >
    <a class="btn btn-sm btn-primary" href="#/people/new">Add somebody</a>
  </div>
</div>
<div class="mb-4 flex flex-wrap items-center gap-2">
  <input
    class="input w-56"
    type="search"
    placeholder="Name, code or team"
    aria-label="Search people"
    bind:value={search}
    oninput={first}
  />
  <select class="select w-36" aria-label="Team" bind:value={teamId} onchange={first}>
    <option value={undefined}>All teams</option>
    {#each organisation?.teams ?? [] as each (each.id)}<option value={each.id}>{each.name}</option
      >{/each}
  </select>
  <select class="select w-36" aria-label="Site" bind:value={siteId} onchange={first}>
    <option value={undefined}>All sites</option>
    {#each organisation?.sites ?? [] as each (each.id)}<option value={each.id}>{each.name}</option
      >{/each}
  </select>
  <label class="flex items-center gap-1.5 text-sm">
    <input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={
        () => withoutApprover ?? false,
        (checked) => {
          withoutApprover = checked || undefined;
          first();
        }
      }
    />
    without approver
  </label>
  <select class="select w-36" aria-label="Employed as" bind:value={employmentType} onchange={first}>
    <option value={undefined}>Employed as any</option>
    {#each EMPLOYMENT_TYPES as [type, name] (type)}<option value={type}>{name}</option>{/each}
  </select>
  <select class="select w-40" aria-label="Pay group" bind:value={payGroupId} onchange={first}>
    <option value={undefined}>All pay groups</option>
    {#each organisation?.payGroups ?? [] as each (each.id)}<option value={each.id}
        >{each.name}</option
      >{/each}
  </select>
  <select class="select w-40" aria-label="Status" bind:value={status} onchange={first}>
    <option value={undefined}>Now, before, later</option>
    {#each STATUSES as [value, name] (value)}<option {value}>{name}</option>{/each}
  </select>
  <a class="ml-auto underline" href={exported} download>Export these</a>
</div>
<ProblemNote problem={work.problem} />
{#if found === null}
  {#if !work.problem}<Waiting what="Fetching the directory" />{/if}
{:else if found.items.length === 0}
  <Empty>
    {#if filtered}
      <p>Nobody matches. Take a filter away or search for less.</p>
    {:else}
      <p>
        Nobody is here yet. <a class="underline" href="#/people/import"
          >Bring people in from a file</a
        >
        or <a class="underline" href="#/people/new">add the first one</a>.
      </p>
    {/if}
  </Empty>
{:else}
  <table class="figures" use:listKeys>
    <thead>
      <tr>
        {#each found.columns as column (column.key)}
          <Heading title={column.title} by={column.key} bind:order bind:descending />
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each found.items as person (person.id)}
        <tr class="cursor-pointer" onclick={() => push(`/people/${person.id}`)}>
          {#each found.columns as { key, kind } (key)}
            <td class={kind === 'DATE' ? 'whitespace-nowrap' : undefined}>
              {#if key === 'name'}
                <a data-row class="underline" href={`#/people/${person.id}`}>{person.name}</a>
              {:else}{cell(person, key, kind)}{/if}
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
  <Pager total={found.total} size={SIZE} bind:page what="people" />
{/if}
{#if inviting}
  <InvitePeople {filters} close={() => (inviting = false)} />
{/if}
