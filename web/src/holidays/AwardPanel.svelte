<script lang="ts">
  import { soon } from '../common/soon';
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Award, AwardForm, Organisation } from '../api/types';
  import { exactSum } from '../common/decimal';
  import Field from '../common/Field.svelte';
  import { amount } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { figure } from '../people/employment';
  import HoursChoice from './HoursChoice.svelte';
  import { Work } from '../common/work.svelte';

  let {
    organisation,
    done,
    close,
  }: { organisation: Organisation; done: (awards: Award[]) => void; close: () => void } = $props();

  type Person = Award['people'][number];

  let on = $state(session.current.today);
  let name = $state('');
  let reason = $state('');
  let fixed = $state(false);
  let hours = $state('4');
  let byFte = $state(false);
  let teamId = $state<number | null>(null);
  let left = $state<number[]>([]);
  let people = $state<Person[]>([]);
  const work = new Work();
  const ask = latest<Person[]>();

  const chosen = $derived(people.filter((each) => !left.includes(each.personId)));

  function form(whom: number[] | null): AwardForm {
    return {
      on,
      name,
      reason,
      hours: fixed ? figure(hours) : null,
      byFte: fixed && byFte,
      teamId,
      people: whom,
    };
  }

  $effect(() => {
    if (!on) return;
    const body = { ...form(null), name: 'award' };
    return soon(
      () =>
        ask(
          answer(api.POST('/api/awards/preview', { body })),
          (found) => {
            people = found;
            work.problem = null;
          },
          (thrown) => (work.problem = Problem.of(thrown)),
        ),
      150,
    );
  });

  async function give(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        await answer(
          api.POST('/api/awards', {
            body: form(left.length === 0 ? null : chosen.map((each) => each.personId)),
          }),
        ),
      );
    });
  }

  function toggle(id: number) {
    left = left.includes(id) ? left.filter((each) => each !== id) : [...left, id];
  }
</script>

<SidePanel title="Paid hours for an extra day" {close}>
  <form class="space-y-4" onsubmit={give}>
    <div class="flex flex-wrap gap-4">
      <Field label="Day" field="on" problem={work.problem}>
        <DateField class="input w-44" name="on" bind:value={on} />
      </Field>
      <Field label="What for" field="name" problem={work.problem}>
        <input class="input w-64" name="award-name" bind:value={name} />
      </Field>
    </div>
    <HoursChoice legend="Each gets" bind:fixed bind:hours bind:byFte problem={work.problem} />
    <div class="flex flex-wrap gap-4">
      <Field label="Whom" field="teamId" problem={work.problem}>
        <select class="select w-48" name="team" bind:value={teamId}>
          <option value={null}>everybody</option>
          {#each organisation.teams as team (team.id)}<option value={team.id}>{team.name}</option
            >{/each}
        </select>
      </Field>
      <Field label="Why, if it should stand there" field="reason" problem={work.problem}>
        <input class="input w-72" name="reason" bind:value={reason} />
      </Field>
    </div>
    <p data-award>
      <strong>{chosen.length} people</strong> employed that day get
      <strong>{amount(exactSum(chosen.map((each) => each.hours)))} hours</strong> together.
    </p>
    <ul class="max-h-64 divide-y divide-base-300 overflow-y-auto">
      {#each people as each (each.personId)}
        <li>
          <label class="flex items-center gap-2 py-0.5">
            <input
              type="checkbox"
              class="checkbox checkbox-sm"
              checked={!left.includes(each.personId)}
              onchange={() => toggle(each.personId)}
            />
            {each.person} <span class="quiet ml-auto">{amount(each.hours)} hours</span>
          </label>
        </li>
      {/each}
    </ul>
    <ProblemNote problem={work.problem} besides={['on', 'name', 'hours', 'reason']} />
    <button
      class="btn btn-primary"
      disabled={work.busy || chosen.length === 0 || name.trim() === ''}>Give these hours</button
    >
  </form>
</SidePanel>
