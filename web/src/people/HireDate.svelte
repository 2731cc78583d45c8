<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Person } from '../api/types';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';

  let {
    person,
    done,
    close,
  }: { person: Person; done: (person: Person) => void; close: () => void } = $props();

  let hired = $state(untrack(() => person.hired));
  let problem = $state<Problem | null>(null);
  let busy = $state(false);

  async function move(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    try {
      done(
        await answer(
          api.PUT('/api/people/{personId}/hire-date', {
            params: { path: { personId: person.id } },
            body: { hired },
          }),
        ),
      );
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
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
    <ProblemNote {problem} />
    <button class="btn btn-primary" disabled={busy || !hired || hired === person.hired}
      >Move the hire date</button
    >
  </form>
</SidePanel>
