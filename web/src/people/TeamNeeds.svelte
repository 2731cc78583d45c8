<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Organisation, TeamNeed } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { teams }: { teams: Organisation['teams'] } = $props();

  const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

  let needs = $state<TeamNeed[]>([]);
  const work = new Work();

  $effect(() => {
    void teams.length;
    void work.do(async () => {
      needs = await answer(api.GET('/api/team-needs'));
    });
  });

  const weekOf = $derived((teamId: number) => needs.find((each) => each.teamId === teamId)?.week);

  function set(team: Organisation['teams'][number], at: number, typed: string) {
    const people = typed.trim() === '' ? 0 : Number(typed);
    const week = (weekOf(team.id) ?? DAYS.map(() => 0)).map((now, day) =>
      day === at ? people : now,
    );
    void work.do(async () => {
      needs = await answer(api.PUT('/api/team-needs', { body: { teamId: team.id, week } }));
      said.say(`${team.name}: ${people === 0 ? 'nothing' : people} needed on ${DAYS[at]}.`);
    });
  }
</script>

<section class="mt-8">
  <h2 class="mb-1">How many are needed</h2>
  <p class="quiet mb-2">
    At least so many of a team on each weekday. Leave that leaves fewer is said before it is asked
    for, and when it is decided. An empty field says nothing.
  </p>
  <ProblemNote problem={work.problem} />
  <div class="overflow-x-auto">
    <table class="figures" data-team-needs>
      <thead>
        <tr>
          <th>Team</th>
          {#each DAYS as day (day)}<th class="number">{day.slice(0, 3)}</th>{/each}
        </tr>
      </thead>
      <tbody>
        {#each teams as team (team.id)}
          <tr>
            <td>{team.name}</td>
            {#each DAYS as day, at (day)}
              {@const people = weekOf(team.id)?.[at] ?? 0}
              <td class="number">
                <input
                  class="w-14 border-b border-base-content/40 bg-transparent px-1 text-right"
                  inputmode="numeric"
                  aria-label={`Needed of ${team.name} on ${day}`}
                  value={people === 0 ? '' : String(people)}
                  onchange={(event) => set(team, at, event.currentTarget.value)}
                />
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
</section>
