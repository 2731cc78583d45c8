<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Organisation, ToldOfTeam } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import PersonPicker from './PersonPicker.svelte';

  let { teams }: { teams: Organisation['teams'] } = $props();

  let told = $state<ToldOfTeam[]>([]);
  let names = $state<Record<number, string>>({});
  let teamId = $state<number>();
  let chosen = $state<number | null>(null);
  const work = new Work();

  async function show(loaded: ToldOfTeam[]) {
    const unknown = loaded.flatMap((each) => each.people).filter((id) => !(id in names));
    await Promise.all(
      unknown.map(async (id) => {
        const person = await answer(api.GET('/api/people/{id}', { params: { path: { id } } }));
        names[id] = person.name;
      }),
    );
    told = loaded;
  }

  $effect(() => {
    void work.do(async () => show(await answer(api.GET('/api/told-of-teams'))));
  });

  const peopleOf = $derived(
    (id: number) => told.find((each) => each.teamId === id)?.people ?? ([] as number[]),
  );
  const nameOf = (id: number) => teams.find((each) => each.id === id)?.name ?? '';

  function set(team: number, people: number[], words: string) {
    void work.do(async () => {
      await show(await answer(api.PUT('/api/told-of-teams', { body: { teamId: team, people } })));
      said.say(words);
      chosen = null;
    });
  }
</script>

<section class="mt-8" data-told-of-teams>
  <h2 class="mb-1">Who else is told of absences</h2>
  <p class="quiet mb-2">
    They learn when leave of a team is approved or cancelled: who is away and when, never the kind.
  </p>
  <ul class="mb-3">
    {#each told.filter((each) => each.people.length > 0) as team (team.teamId)}
      {#each team.people as person (person)}
        <li>
          {nameOf(team.teamId)}: <strong>{names[person]}</strong>
          <button
            class="ml-2 underline"
            disabled={work.busy}
            onclick={() =>
              set(
                team.teamId,
                team.people.filter((id) => id !== person),
                `${names[person]} is no longer told of ${nameOf(team.teamId)}.`,
              )}>Take back</button
          >
        </li>
      {/each}
    {/each}
  </ul>
  <form
    class="flex flex-wrap items-end gap-3"
    onsubmit={(event) => {
      event.preventDefault();
      if (teamId === undefined || chosen === null) return;
      set(teamId, [...peopleOf(teamId), chosen], `Told of ${nameOf(teamId)} from now on.`);
    }}
  >
    <label class="block">
      Team
      <select class="select w-52" bind:value={teamId} aria-label="Team of which somebody is told">
        <option value={undefined}>Choose a team</option>
        {#each teams as team (team.id)}<option value={team.id}>{team.name}</option>{/each}
      </select>
    </label>
    <PersonPicker bind:chosen name={null} label="Who is told" />
    <button class="btn" disabled={work.busy || teamId === undefined || chosen === null}
      >Tell them</button
    >
  </form>
  <ProblemNote problem={work.problem} />
</section>
