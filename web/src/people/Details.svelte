<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { Person, PersonDetails } from '../api/types';
  import Field from '../common/Field.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import DetailsFields from './DetailsFields.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    done,
    close,
  }: { person: Person; done: (person: Person) => void; close: () => void } = $props();

  const seen = untrack((): PersonDetails => {
    const { code, name, email, serviceFrom, clockCode } = person;
    return { code, name, email, serviceFrom, clockCode };
  });
  let details = $state<PersonDetails>({ ...seen });
  const work = new Work();

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        await answer(
          api.PUT('/api/people/{personId}/details', {
            params: { path: { personId: person.id } },
            body: { seen, details: $state.snapshot(details) as PersonDetails },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`Details of ${person.name}`} {close}>
  <form class="space-y-4" onsubmit={keep}>
    <DetailsFields bind:details problem={work.problem} />
    <Field label="Service counts from" field="serviceFrom" problem={work.problem}>
      <DateField class="input w-44" name="service-from" bind:value={details.serviceFrom} />
    </Field>
    <ProblemNote
      problem={work.problem}
      besides={['code', 'name', 'email', 'serviceFrom', 'clockCode']}
    />
    <button class="btn btn-primary" disabled={work.busy}>Keep the details</button>
  </form>
</SidePanel>
