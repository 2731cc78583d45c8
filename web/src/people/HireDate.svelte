<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { Person } from '../api/types';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    done,
    close,
  }: { person: Person; done: (person: Person) => void; close: () => void } = $props();

  let hired = $state(untrack(() => person.hired));
  const work = new Work();

  async function move(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        await answer(
          api.PUT('/api/people/{personId}/hire-date', {
            params: { path: { personId: person.id } },
            body: { hired },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`Hire date of ${person.name}`} {close}>
  <form class="space-y-4" onsubmit={move}>
    <p>
      Hired on {longDay(person.hired)}. Waits, first shares and enrolments that began that day move
      along with it; hours and leave before it count for nothing. What closed runs posted is not
      touched: the difference comes back, explained, in the next one.
    </p>
    <label class="block">
      <span class="font-semibold">Hired on</span>
      <DateField class="input mt-1 block w-44" name="hired" bind:value={hired} />
    </label>
    <ProblemNote problem={work.problem} />
    <button class="btn btn-primary" disabled={work.busy || !hired || hired === person.hired}
      >Move the hire date</button
    >
  </form>
</SidePanel>
