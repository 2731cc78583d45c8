<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { EmploymentHistory, Organisation, Person, StarterForm } from '../api/types';
  import Field from '../common/Field.svelte';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { figure, starter } from './employment';
  import StarterFields from './StarterFields.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    history,
    organisation,
    done,
    close,
  }: {
    person: Person;
    history: EmploymentHistory;
    organisation: Organisation;
    done: (person: Person) => void;
    close: () => void;
  } = $props();

  let lastDay = $state(untrack(() => person.lastDay ?? session.current.today));
  let returning = $state(false);
  let form = $state<StarterForm>(
    untrack(() => {
      const again = starter(history.placements.at(-1)!.placing, session.current.today);
      return {
        ...again,
        details: {
          ...again.details,
          code: `${person.code}-2`,
          name: person.name,
          email: person.email,
          serviceFrom: person.serviceFrom,
        },
        week: [...history.schedules.at(-1)!.week],
        fte: history.ftes.at(-1)?.fte ?? '1',
      };
    }),
  );
  const work = new Work();

  const hasLeft = $derived(person.lastDay !== null && person.lastDay < session.current.today);

  async function attempt(call: () => Promise<void>) {
    await work.do(async () => {
      await call();
    });
  }

  function leave(day: string | null) {
    return attempt(async () =>
      done(
        await answer(
          api.PUT('/api/people/{personId}/last-day', {
            params: { path: { personId: person.id } },
            body: { lastDay: day },
          }),
        ),
      ),
    );
  }

  function comeBack(event: SubmitEvent) {
    event.preventDefault();
    return attempt(async () => {
      const typed = $state.snapshot(form) as StarterForm;
      const added = await answer(
        api.POST('/api/people/{personId}/return', {
          params: { path: { personId: person.id } },
          body: { ...typed, week: typed.week.map(figure), fte: figure(typed.fte) },
        }),
      );
      said.say(`${added.person.name} is back. The earlier employment stays as it was.`);
      close();
      push(`/people/${added.person.id}`);
    });
  }
</script>

<SidePanel title={`Leaving and returning: ${person.name}`} {close}>
  <form
    class="space-y-4"
    onsubmit={(event) => {
      event.preventDefault();
      void leave(lastDay);
    }}
  >
    <p>
      {#if person.lastDay}
        The last day is {longDay(person.lastDay)}.
      {:else}
        No last day is set.
      {/if}
      After it nothing is earned or used, and each policy says whether what is left lapses or is paid
      out.
    </p>
    <Field label="Last day" field="lastDay" problem={work.problem}>
      <DateField class="input w-44" name="last-day" bind:value={lastDay} />
    </Field>
    <div class="flex gap-3">
      <button class="btn btn-primary" disabled={work.busy || !lastDay || lastDay === person.lastDay}
        >Set the last day</button
      >
      {#if person.lastDay}
        <button type="button" class="btn" disabled={work.busy} onclick={() => leave(null)}
          >They stay after all</button
        >
      {/if}
    </div>
  </form>
  {#if hasLeft && history.laterId === null}
    <section class="mt-8 border-t border-base-300 pt-4">
      <h2>They come back</h2>
      {#if !returning}
        <p class="mt-1">
          A new employment begins with balances of its own; the earlier one stays readable. Years of
          service can count from the earlier date.
        </p>
        <button class="btn mt-2" onclick={() => (returning = true)}>Begin a new employment</button>
      {:else}
        <form class="mt-3 space-y-4" onsubmit={comeBack}>
          <StarterFields bind:form {organisation} problem={work.problem} />
          <button class="btn btn-primary" disabled={work.busy}>Let them come back</button>
        </form>
      {/if}
    </section>
  {/if}
  <div class="mt-4"><ProblemNote problem={work.problem} besides={['lastDay']} /></div>
</SidePanel>
