<script lang="ts">
  import { soon } from '../common/soon';
  import { SvelteSet } from 'svelte/reactivity';
  import { answer, api } from '../api/client';
  import type { EntryOfOne, Organisation, Person, Policy } from '../api/types';
  import { peopleCounted, withUnit } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import PersonPicker from '../people/PersonPicker.svelte';
  import { SameDays as Days } from './days.svelte';
  import SameDays from './SameDays.svelte';

  let { done, close }: { done: () => void; close: () => void } = $props();

  const MOST_PEOPLE = 200;

  let teams = $state<Organisation['teams']>([]);
  let policies = $state<Policy[]>([]);
  const names: Record<number, string> = $state({});
  const chosen = new SvelteSet<number>();
  let teamId = $state<number>();
  let one = $state<number | null>(null);
  let policyId = $state<number>();
  const days = new Days(session.current.today, session.current.today);
  let note = $state('');
  let reason = $state('');
  let shown = $state<EntryOfOne[]>([]);
  const work = new Work();
  const ask = latest<EntryOfOne[]>();

  $effect(() => {
    void work.do(async () => {
      [teams, policies] = await Promise.all([
        answer(api.GET('/api/organisation')).then((organisation) => organisation.teams),
        answer(api.GET('/api/policies')).then((all) => all.filter((each) => each.versions.length)),
      ]);
    });
  });

  function add(people: Person[]) {
    for (const person of people) {
      names[person.id] = person.name;
      chosen.add(person.id);
    }
  }

  function addTeam(id: number) {
    void work.do(async () => {
      const query = { teamId: id, status: 'EMPLOYED' as const, page: 0, size: MOST_PEOPLE };
      add((await answer(api.GET('/api/people', { params: { query } }))).items);
      teamId = undefined;
    });
  }

  $effect(() => {
    if (one === null) return;
    const id = one;
    one = null;
    void work.do(async () => {
      add([await answer(api.GET('/api/people/{id}', { params: { path: { id } } }))]);
    });
  });

  const form = $derived(
    policyId === undefined || chosen.size === 0 || days.all.length === 0
      ? null
      : {
          people: [...chosen],
          leave: {
            personId: 0,
            policyId,
            days: days.all,
            note,
            answers: null,
            documents: null,
            replaces: null,
          },
          reason: null,
        },
  );

  $effect(() => {
    const body = form;
    if (body === null) {
      shown = [];
      return;
    }
    return soon(
      () =>
        ask(
          answer(api.POST('/api/entered-leave/many/preview', { body })),
          (loaded) => (shown = loaded),
          () => (shown = []),
        ),
      150,
    );
  });

  const hindered = $derived(shown.filter((each) => each.hindered !== null));
  const cautioned = $derived(shown.some((each) => each.cautions.length > 0));

  function enter(event: SubmitEvent) {
    event.preventDefault();
    if (form === null) return;
    const body = { ...form, reason: reason.trim() || null };
    void work.do(async () => {
      const entered = await answer(api.POST('/api/entered-leave/many', { body }));
      said.say(`Entered for ${peopleCounted(entered.length)}.`);
      done();
    });
  }
</script>

<SidePanel title="Enter leave for many" {close}>
  <form class="space-y-4" onsubmit={enter} data-many>
    <p class="quiet">
      The same days for several people, entered for all of them or for none. Each of them is told.
    </p>
    <div class="flex flex-wrap items-end gap-4">
      <label class="block">
        <span class="block text-sm font-semibold">A whole team</span>
        <select
          class="select w-52"
          name="team"
          bind:value={teamId}
          onchange={() => teamId !== undefined && addTeam(teamId)}
        >
          <option value={undefined}>Add a team</option>
          {#each teams as team (team.id)}<option value={team.id}>{team.name}</option>{/each}
        </select>
      </label>
      <div>
        <span class="block text-sm font-semibold">Somebody</span>
        <PersonPicker bind:chosen={one} name={null} label="Somebody to add" />
      </div>
    </div>
    <label class="block">
      <span class="block text-sm font-semibold">What</span>
      <select class="select w-72" name="policy" bind:value={policyId}>
        <option value={undefined}>Choose a kind</option>
        {#each policies as policy (policy.id)}<option value={policy.id}>{policy.name}</option
          >{/each}
      </select>
    </label>
    <SameDays {days} />
    <label class="block">
      <span class="block text-sm font-semibold">Note, if any</span>
      <input class="input w-full" name="note" maxlength="1000" bind:value={note} />
    </label>
    {#if chosen.size > 0}
      <table class="figures" data-entries>
        <thead>
          <tr
            ><th>{peopleCounted(chosen.size)}</th><th>What it costs</th><th
              ><span class="sr-only">Leave out</span></th
            ></tr
          >
        </thead>
        <tbody>
          {#each [...chosen] as id (id)}
            {@const entry = shown.find((each) => each.personId === id)}
            <tr>
              <td class="whitespace-nowrap">{names[id]}</td>
              <td>
                {#if entry?.hindered}
                  <span class="font-semibold text-error">{entry.hindered}</span>
                {:else if entry?.total && entry.unit}
                  {withUnit(entry.total, entry.unit)}
                  {#each entry.cautions as caution, at (at)}
                    <span class="block text-sm">{caution}</span>
                  {/each}
                {/if}
              </td>
              <td>
                <button
                  type="button"
                  class="whitespace-nowrap underline"
                  onclick={() => chosen.delete(id)}>Leave out</button
                >
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
    {#if hindered.length > 0}
      <button
        type="button"
        class="btn btn-sm"
        onclick={() => hindered.forEach((each) => chosen.delete(each.personId))}
        >Leave out all {hindered.length} for whom it cannot be entered</button
      >
    {/if}
    {#if cautioned}
      <label class="block">
        <span class="block text-sm font-semibold">Why it is entered all the same</span>
        <input class="input w-full" name="reason" maxlength="300" bind:value={reason} />
      </label>
    {/if}
    <ProblemNote problem={work.problem} />
    <button
      class="btn btn-primary"
      disabled={work.busy ||
        shown.length === 0 ||
        hindered.length > 0 ||
        (cautioned && reason.trim() === '')}>Enter it for {peopleCounted(chosen.size)}</button
    >
  </form>
</SidePanel>
