<script lang="ts">
  import type { Problem } from '../api/problem';
  import type { PersonDetails } from '../api/types';
  import Field from '../common/Field.svelte';

  let { details = $bindable(), problem }: { details: PersonDetails; problem: Problem | null } =
    $props();
</script>

<div class="flex flex-wrap gap-4">
  <Field label="Code" field="code" {problem}>
    <input class="input w-28" name="code" bind:value={details.code} />
  </Field>
  <Field label="Name" field="name" {problem}>
    <input class="input w-64" name="person-name" bind:value={details.name} />
  </Field>
  <Field label="E-mail, if any" field="email" {problem}>
    <input
      class="input w-64"
      name="email"
      type="email"
      bind:value={() => details.email ?? '', (typed) => (details.email = typed.trim() || null)}
    />
  </Field>
  <Field label="Clock code, if any" field="clockCode" {problem}>
    <input
      class="input w-32"
      name="clock-code"
      inputmode="numeric"
      bind:value={
        () => details.clockCode ?? '', (typed) => (details.clockCode = typed.trim() || null)
      }
    />
  </Field>
</div>
