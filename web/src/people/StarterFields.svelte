<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import type { Problem } from '../api/problem';
  import type { Organisation, StarterForm } from '../api/types';
  import Field from '../common/Field.svelte';
  import DetailsFields from './DetailsFields.svelte';
  import PlacingFields from './PlacingFields.svelte';
  import WeekFields from './WeekFields.svelte';

  let {
    form = $bindable(),
    organisation,
    approver = null,
    problem,
  }: {
    form: StarterForm;
    organisation: Organisation;
    approver?: string | null;
    problem: Problem | null;
  } = $props();

  /** Service counts from the hire date unless something else was typed. */
  function hire(day: string) {
    if (form.details.serviceFrom === form.hired) {
      form.details.serviceFrom = day;
    }
    form.hired = day;
  }
</script>

<div class="space-y-5">
  <DetailsFields bind:details={form.details} {problem} />
  <div class="flex flex-wrap gap-4">
    <Field label="Hired on" field="hired" {problem}>
      <DateField
        class="input w-44"
        name="hired"
        bind:value={() => form.hired, (day) => hire(day)}
      />
    </Field>
    <Field label="Service counts from" field="serviceFrom" {problem}>
      <DateField class="input w-44" name="service-from" bind:value={form.details.serviceFrom} />
    </Field>
    <Field label="Last day, if known" field="lastDay" {problem}>
      <DateField
        class="input w-44"
        name="last-day"
        bind:value={() => form.lastDay ?? '', (day) => (form.lastDay = day || null)}
      />
    </Field>
    <Field label="FTE" field="fte" {problem}>
      <input class="input w-20" inputmode="decimal" name="fte" bind:value={form.fte} />
    </Field>
  </div>
  <PlacingFields bind:placing={form.placing} {organisation} {approver} {problem} />
  <WeekFields bind:week={form.week} {problem} />
</div>
