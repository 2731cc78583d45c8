<script lang="ts">
  import { soon } from '../common/soon';
  import { answer, api } from '../api/client';
  import type { Coverage, Organisation, Person } from '../api/types';
  import { EMPLOYMENT_TYPES } from '../people/employment';
  import { coverageWords } from './coverage';

  let { coverage = $bindable(), organisation }: { coverage: Coverage; organisation: Organisation } =
    $props();

  type Listed = 'types' | 'teams' | 'notTeams' | 'sites' | 'named' | 'excluded';

  let typed = $state('');
  let found = $state<Person[]>([]);
  let names = $state<Record<number, string>>({});

  const conditions = $derived<[Listed, string, [number | string, string][]][]>([
    ['types', 'Employed as', EMPLOYMENT_TYPES.map(([type, name]) => [type, name.toLowerCase()])],
    ['sites', 'At', organisation.sites.map((site) => [site.id, site.name])],
    ['teams', 'Of', organisation.teams.map((team) => [team.id, team.name])],
    ['notTeams', 'But not of', organisation.teams.map((team) => [team.id, team.name])],
  ]);
  const named = $derived(coverage.named ?? []);
  const excluded = $derived(coverage.excluded ?? []);

  $effect(() => {
    const search = typed.trim();
    if (search.length < 2) {
      found = [];
      return;
    }
    return soon(async () => {
      found = (
        await answer(api.GET('/api/people', { params: { query: { search, page: 0, size: 6 } } }))
      ).items;
    }, 120);
  });

  $effect(() => {
    [...named, ...excluded]
      .filter((id) => names[id] === undefined)
      .forEach((id) =>
        answer(api.GET('/api/people/{id}', { params: { path: { id } } })).then(
          (person) => (names[id] = person.name),
        ),
      );
  });

  function listOf(key: Listed): (number | string)[] {
    return (coverage[key] ?? []) as (number | string)[];
  }

  function toggle(key: Listed, each: number | string) {
    const now = listOf(key);
    const other = now.includes(each) ? now.filter((one) => one !== each) : [...now, each];
    coverage = { ...coverage, [key]: other };
  }

  function pick(person: Person, key: 'named' | 'excluded') {
    names[person.id] = person.name;
    typed = '';
    if (!listOf(key).includes(person.id)) toggle(key, person.id);
  }
</script>

{#snippet people(key: 'named' | 'excluded', ids: number[], before: string)}
  {#if ids.length > 0}
    <p class="flex flex-wrap items-center gap-2">
      {before}
      {#each ids as id (id)}
        <span class="border border-base-300 px-2 py-0.5"
          >{names[id] ?? '…'}
          <button type="button" class="ml-1 underline" onclick={() => toggle(key, id)}
            >remove</button
          ></span
        >
      {/each}
    </p>
  {/if}
{/snippet}

<div class="space-y-2">
  <p>
    Covers <strong data-coverage>{coverageWords(coverage, organisation)}</strong>
  </p>
  <select
    class="select w-72"
    aria-label="Covers"
    value={coverage.byRule ? 'RULE' : 'NAMED'}
    onchange={(event) => (coverage = { ...coverage, byRule: event.currentTarget.value === 'RULE' })}
  >
    <option value="RULE">everybody who meets the conditions</option>
    <option value="NAMED">only named people</option>
  </select>
  {#if coverage.byRule}
    <table>
      <tbody>
        {#each conditions as [key, title, choices] (key)}
          <tr class="align-top">
            <th class="py-0.5 pr-3 text-left font-semibold whitespace-nowrap">{title}</th>
            <td class="flex flex-wrap gap-x-4 gap-y-1 py-0.5">
              {#each choices as [value, name] (value)}
                <label class="flex items-center gap-1.5">
                  <input
                    type="checkbox"
                    class="checkbox checkbox-sm"
                    aria-label={`${title} ${name}`}
                    checked={listOf(key).includes(value)}
                    onchange={() => toggle(key, value)}
                  />
                  {name}
                </label>
              {/each}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="quiet text-sm">Where nothing is ticked in a line, that does not matter.</p>
  {/if}
  {@render people('named', named, coverage.byRule ? 'and besides' : 'namely')}
  {@render people('excluded', excluded, 'but not')}
  <input
    class="input w-72"
    placeholder="Add or leave out somebody: type a name"
    aria-label="Add or leave out somebody"
    bind:value={typed}
  />
  {#each found as person (person.id)}
    <p class="flex w-full max-w-lg items-center gap-3 border border-base-300 px-2 py-1">
      <span class="grow"
        >{person.name} <span class="quiet text-sm">{person.code}, {person.team}</span></span
      >
      <button
        type="button"
        class="underline"
        aria-label={`Add ${person.name}`}
        onclick={() => pick(person, 'named')}>add</button
      >
      <button
        type="button"
        class="underline"
        aria-label={`Leave out ${person.name}`}
        onclick={() => pick(person, 'excluded')}>leave out</button
      >
    </p>
  {/each}
</div>
