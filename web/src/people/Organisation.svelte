<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Organisation } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { words } from '../common/format';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import { session } from '../frame/session.svelte';

  const LENGTHS = [
    ['WEEK', 'a week'],
    ['FORTNIGHT', 'two weeks'],
    ['HALF_MONTH', 'half a month, from the 1st and the 16th'],
    ['MONTH', 'a month'],
  ] as const;

  let organisation = $state<Organisation | null>(null);
  let site = $state('');
  let team = $state('');
  let group = $state('');
  let every = $state<(typeof LENGTHS)[number][0]>('FORTNIGHT');
  let anchor = $state(session.current.today);
  let problem = $state<Problem | null>(null);

  async function load() {
    organisation = await answer(api.GET('/api/organisation'));
  }

  $effect(() => void load());

  async function attempt(work: () => Promise<{ name: string }>) {
    problem = null;
    try {
      said.say(`${(await work()).name} is kept.`);
      site = team = group = '';
      await load();
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }

  function add(event: SubmitEvent, kind: 'sites' | 'teams', name: string) {
    event.preventDefault();
    return attempt(() => answer(api.POST(`/api/organisation/${kind}`, { body: { name } })));
  }

  function rename(kind: 'sites' | 'teams', id: number, name: string) {
    return attempt(() =>
      answer(
        api.PUT(`/api/organisation/${kind}/{id}`, { params: { path: { id } }, body: { name } }),
      ),
    );
  }

  async function addGroup(event: SubmitEvent) {
    event.preventDefault();
    await attempt(() =>
      answer(
        api.POST('/api/organisation/pay-groups', {
          body: { name: group, every, anchor },
        }),
      ),
    );
    road.changed();
  }
</script>

{#snippet names(kind: 'sites' | 'teams', all: Organisation['sites'])}
  <ul class="mb-3 divide-y divide-base-300">
    {#each all as each (each.id)}
      <li>
        <input
          class="w-full bg-transparent px-1 py-1 hover:bg-base-200"
          aria-label={`Name of ${each.name}`}
          value={each.name}
          onchange={(event) => rename(kind, each.id, event.currentTarget.value)}
        />
      </li>
    {:else}
      <li class="quiet py-2">None yet.</li>
    {/each}
  </ul>
{/snippet}

<h1 class="mb-1">Sites, teams and pay groups</h1>
<p class="quiet mb-4">
  A name is changed where it stands. A file of people adds sites and teams itself.
</p>
<ProblemNote {problem} />
{#if organisation === null}
  <Waiting what="Fetching them" />
{:else}
  <div class="mt-3 grid gap-8 lg:grid-cols-3">
    <section>
      <h2 class="mb-1">Sites</h2>
      {@render names('sites', organisation.sites)}
      <form class="flex gap-2" onsubmit={(event) => add(event, 'sites', site)}>
        <input
          class="input w-44"
          name="site"
          aria-label="A new site"
          placeholder="A new site"
          bind:value={site}
        />
        <button class="btn" disabled={site.trim() === ''}>Add</button>
      </form>
    </section>
    <section>
      <h2 class="mb-1">Teams</h2>
      {@render names('teams', organisation.teams)}
      <form class="flex gap-2" onsubmit={(event) => add(event, 'teams', team)}>
        <input
          class="input w-44"
          name="team"
          aria-label="A new team"
          placeholder="A new team"
          bind:value={team}
        />
        <button class="btn" disabled={team.trim() === ''}>Add</button>
      </form>
    </section>
    <section>
      <h2 class="mb-1">Pay groups</h2>
      <ul class="mb-3 divide-y divide-base-300">
        {#each organisation.payGroups as each (each.id)}
          <li class="px-1 py-1">
            {each.name}<span class="quiet">, paid every {words(each.every).toLowerCase()}</span>
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
            <input class="input w-44" type="date" name="anchor" bind:value={anchor} />
          </label>
        {/if}
        <button class="btn" disabled={group.trim() === '' || !anchor}>Add</button>
      </form>
    </section>
  </div>
{/if}
