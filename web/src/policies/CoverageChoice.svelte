<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Coverage, EmploymentType, Organisation, Person } from '../api/types';
  import { EMPLOYMENT_TYPES } from '../people/employment';

  let { coverage = $bindable(), organisation }: { coverage: Coverage; organisation: Organisation } =
    $props();

  let typed = $state('');
  let found = $state<Person[]>([]);
  let names = $state<Record<number, string>>({});

  const groups = $derived(coverage.by === 'TEAM' ? organisation.teams : organisation.sites);
  const ids = $derived(coverage.ids ?? []);
  const excluded = $derived(coverage.excluded ?? []);

  $effect(() => {
    const search = typed.trim();
    if (search.length < 2) {
      found = [];
      return;
    }
    const timer = window.setTimeout(async () => {
      found = (
        await answer(api.GET('/api/people', { params: { query: { search, page: 0, size: 6 } } }))
      ).items;
    }, 120);
    return () => window.clearTimeout(timer);
  });

  $effect(() => {
    const people = [...(coverage.by === 'PERSON' ? ids : []), ...excluded];
    people
      .filter((id) => names[id] === undefined)
      .forEach((id) =>
        answer(api.GET('/api/people/{id}', { params: { path: { id } } })).then(
          (person) => (names[id] = person.name),
        ),
      );
  });

  function choose(by: Coverage['by']) {
    coverage = { by, ids: [], types: by === 'EMPLOYMENT_TYPE' ? ['HOURLY'] : [], excluded };
  }

  function toggle(id: number) {
    coverage = {
      ...coverage,
      ids: ids.includes(id) ? ids.filter((each) => each !== id) : [...ids, id],
    };
  }

  function toggleType(type: EmploymentType) {
    const types = coverage.types ?? [];
    coverage = {
      ...coverage,
      types: types.includes(type) ? types.filter((each) => each !== type) : [...types, type],
    };
  }

  function toggleExcluded(id: number) {
    coverage = {
      ...coverage,
      excluded: excluded.includes(id) ? excluded.filter((each) => each !== id) : [...excluded, id],
    };
  }

  function pick(person: Person, leaveOut: boolean) {
    names[person.id] = person.name;
    typed = '';
    if (leaveOut) toggleExcluded(person.id);
    else toggle(person.id);
  }
</script>

<div class="space-y-2">
  <div class="flex flex-wrap items-center gap-2">
    <select
      class="select w-48"
      aria-label="Covers"
      value={coverage.by}
      onchange={(event) => choose(event.currentTarget.value as Coverage['by'])}
    >
      <option value="EVERYBODY">everybody</option>
      <option value="TEAM">teams</option>
      <option value="SITE">sites</option>
      <option value="EMPLOYMENT_TYPE">kinds of employment</option>
      <option value="PERSON">named people</option>
    </select>
    {#if coverage.by === 'TEAM' || coverage.by === 'SITE'}
      {#each groups as group (group.id)}
        <label class="flex items-center gap-1.5">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={ids.includes(group.id)}
            onchange={() => toggle(group.id)}
          />
          {group.name}
        </label>
      {/each}
    {:else if coverage.by === 'EMPLOYMENT_TYPE'}
      {#each EMPLOYMENT_TYPES as [type, name] (type)}
        <label class="flex items-center gap-1.5">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={(coverage.types ?? []).includes(type)}
            onchange={() => toggleType(type)}
          />
          {name.toLowerCase()}
        </label>
      {/each}
    {:else if coverage.by === 'PERSON'}
      {#each ids as id (id)}
        <span class="border border-base-300 px-2 py-0.5"
          >{names[id] ?? '…'}
          <button class="ml-1 underline" onclick={() => toggle(id)}>remove</button></span
        >
      {/each}
    {/if}
  </div>
  {#if excluded.length > 0}
    <p class="flex flex-wrap items-center gap-2">
      but not
      {#each excluded as id (id)}
        <span class="border border-base-300 px-2 py-0.5"
          >{names[id] ?? '…'}
          <button class="ml-1 underline" onclick={() => toggleExcluded(id)}>cover again</button
          ></span
        >
      {/each}
    </p>
  {/if}
  <input
    class="input w-64"
    placeholder={coverage.by === 'PERSON'
      ? 'Add somebody: type a name'
      : 'Leave somebody out: type a name'}
    aria-label={coverage.by === 'PERSON' ? 'Add somebody' : 'Leave somebody out'}
    bind:value={typed}
  />
  {#each found as person (person.id)}
    <button
      class="block w-64 border border-base-300 px-2 py-1 text-left hover:bg-base-200"
      onclick={() => pick(person, coverage.by !== 'PERSON')}
      >{person.name} <span class="quiet text-sm">{person.code}, {person.team}</span></button
    >
  {/each}
</div>
