<script lang="ts">
  import PayDay from './PayDay.svelte';
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import type { Organisation } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { words } from '../common/format';
  import Waiting from '../common/Waiting.svelte';
  import TeamNeeds from './TeamNeeds.svelte';
  import ToldOfTeams from './ToldOfTeams.svelte';
  import WholeCompany from './WholeCompany.svelte';
  import { road } from '../frame/road.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  const LENGTHS = [
    ['WEEK', 'a week'],
    ['FORTNIGHT', 'two weeks'],
    ['HALF_MONTH', 'half a month, from the 1st and the 16th'],
    ['MONTH', 'a month'],
  ] as const;

  type Kind = 'sites' | 'teams';

  let organisation = $state<Organisation | null>(null);
  let added = $state<Record<Kind, string>>({ sites: '', teams: '' });
  let group = $state('');
  let every = $state<(typeof LENGTHS)[number][0]>('FORTNIGHT');
  let anchor = $state(session.current.today);
  let paidAfter = $state<number | null>(5);
  const work = new Work();

  async function load() {
    organisation = await answer(api.GET('/api/organisation'));
  }

  $effect(() => void load());

  async function attempt(call: () => Promise<{ name: string }>) {
    await work.do(async () => {
      said.say(`${(await call()).name} is kept.`);
      added = { sites: '', teams: '' };
      group = '';
      await load();
    });
  }

  function add(event: SubmitEvent, kind: Kind) {
    event.preventDefault();
    const name = added[kind];
    return attempt(() => answer(api.POST(`/api/organisation/${kind}`, { body: { name } })));
  }

  function rename(kind: Kind, id: number, name: string) {
    return attempt(() =>
      answer(
        api.PUT(`/api/organisation/${kind}/{id}`, { params: { path: { id } }, body: { name } }),
      ),
    );
  }

  async function remove(kind: Kind | 'pay-groups', id: number, name: string) {
    await work.do(async () => {
      await answer(api.DELETE(`/api/organisation/${kind}/{id}`, { params: { path: { id } } }));
      said.say(`${name} is removed.`);
      await load();
      road.changed();
    });
  }

  async function addGroup(event: SubmitEvent) {
    event.preventDefault();
    await attempt(() =>
      answer(
        api.POST('/api/organisation/pay-groups', {
          body: { name: group, every, anchor, paidAfter: paidAfter! },
        }),
      ),
    );
    road.changed();
  }
</script>

{#snippet removal(kind: Kind | 'pay-groups', id: number, name: string)}
  <button
    class="text-sm underline"
    aria-label={`Remove ${name}`}
    onclick={() => remove(kind, id, name)}>Remove</button
  >
{/snippet}

{#snippet names(kind: Kind, one: string, heading: string, all: Organisation['sites'])}
  <section>
    <h2 class="mb-1">{heading}</h2>
    <ul class="mb-3 divide-y divide-base-300">
      {#each all as each (each.id)}
        <li class="flex items-baseline gap-2">
          <input
            class="grow bg-transparent px-1 py-1 hover:bg-base-200"
            aria-label={`Name of ${each.name}`}
            value={each.name}
            onchange={(event) => rename(kind, each.id, event.currentTarget.value)}
          />
          {@render removal(kind, each.id, each.name)}
        </li>
      {:else}
        <li class="quiet py-2">None yet.</li>
      {/each}
    </ul>
    <form class="flex gap-2" onsubmit={(event) => add(event, kind)}>
      <input
        class="input w-44"
        name={one}
        aria-label={`A new ${one}`}
        placeholder={`A new ${one}`}
        bind:value={added[kind]}
      />
      <button class="btn" disabled={added[kind].trim() === ''}>Add</button>
    </form>
  </section>
{/snippet}

<h1 class="mb-1">Sites, teams and pay groups</h1>
<p class="quiet mb-4">
  A name is changed where it stands. A file of people adds sites and teams itself. What nothing
  hangs on can be removed.
</p>
<ProblemNote problem={work.problem} />
{#if organisation === null}
  <Waiting what="Fetching them" />
{:else}
  <div class="mt-3 grid gap-8 lg:grid-cols-3">
    {@render names('sites', 'site', 'Sites', organisation.sites)}
    {@render names('teams', 'team', 'Teams', organisation.teams)}
    <section>
      <h2 class="mb-1">Pay groups</h2>
      <ul class="mb-3 divide-y divide-base-300">
        {#each organisation.payGroups as each (each.id)}
          <li class="flex items-baseline gap-2 px-1 py-1">
            <div class="grow">
              <p>
                {each.name}<span class="quiet">, paid every {words(each.every).toLowerCase()}</span>
              </p>
              <PayDay
                group={each}
                changed={async () => {
                  await load();
                  road.changed();
                }}
              />
            </div>
            {@render removal('pay-groups', each.id, each.name)}
          </li>
        {:else}
          <li class="quiet py-2">None yet. People who are paid together form one.</li>
        {/each}
      </ul>
      <form class="space-y-2" onsubmit={addGroup}>
        <input
          class="input w-60"
          name="pay-group"
          aria-label="A new pay group"
          placeholder="A new pay group"
          bind:value={group}
        />
        <label class="block">
          A pay period lasts
          <select class="select w-60" name="every" bind:value={every}>
            {#each LENGTHS as [length, name] (length)}<option value={length}>{name}</option>{/each}
          </select>
        </label>
        {#if every === 'WEEK' || every === 'FORTNIGHT'}
          <label class="block">
            One of them begins on
            <DateField class="input w-44" name="anchor" bind:value={anchor} />
          </label>
        {/if}
        <label class="block">
          Paid
          <input
            class="input w-20"
            type="number"
            min="0"
            max="60"
            required
            name="paid-after"
            bind:value={paidAfter}
          />
          days after a period’s last day
        </label>
        <button class="btn" disabled={group.trim() === '' || !anchor}>Add</button>
      </form>
    </section>
  </div>
  {#if organisation.teams.length > 0}
    <TeamNeeds teams={organisation.teams} />
    <ToldOfTeams teams={organisation.teams} />
  {/if}
  <WholeCompany />
{/if}
