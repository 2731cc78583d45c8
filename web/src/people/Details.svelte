<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Person, PersonDetails } from '../api/types';
  import Field from '../common/Field.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';

  let {
    person,
    done,
    close,
  }: { person: Person; done: (person: Person) => void; close: () => void } = $props();

  let details = $state<PersonDetails>(
    untrack(() => ({
      code: person.code,
      name: person.name,
      email: person.email,
      serviceFrom: person.serviceFrom,
      clockCode: person.clockCode,
    })),
  );
  let problem = $state<Problem | null>(null);
  let busy = $state(false);

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = null;
    try {
      done(
        await answer(
          api.PUT('/api/people/{personId}/details', {
            params: { path: { personId: person.id } },
            body: $state.snapshot(details) as PersonDetails,
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

<SidePanel title={`Details of ${person.name}`} {close}>
  <form class="space-y-4" onsubmit={keep}>
    <Field label="Code" field="code" {problem}>
      <input class="input w-32" name="code" bind:value={details.code} />
    </Field>
    <Field label="Name" field="name" {problem}>
      <input class="input w-72" name="person-name" bind:value={details.name} />
    </Field>
    <Field label="E-mail, if any" field="email" {problem}>
      <input
        class="input w-72"
        name="email"
        type="email"
        bind:value={() => details.email ?? '', (typed) => (details.email = typed.trim() || null)}
      />
    </Field>
    <Field label="Service counts from" field="serviceFrom" {problem}>
      <input class="input w-44" type="date" name="service-from" bind:value={details.serviceFrom} />
    </Field>
    <Field label="Clock code, if any" field="clockCode" {problem}>
      <input
        class="input w-36"
        name="clock-code"
        inputmode="numeric"
        bind:value={
          () => details.clockCode ?? '', (typed) => (details.clockCode = typed.trim() || null)
        }
      />
    </Field>
    <ProblemNote {problem} besides={['code', 'name', 'email', 'serviceFrom', 'clockCode']} />
    <button class="btn btn-primary" disabled={busy}>Keep the details</button>
  </form>
</SidePanel>
