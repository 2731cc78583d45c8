<script lang="ts">
  import type { Problem } from '../api/problem';
  import type { NewPolicy } from '../api/types';
  import Field from '../common/Field.svelte';
  import { words } from '../common/format';
  import { KINDS } from './terms';

  let {
    facts = $bindable(),
    problem = null,
  }: {
    facts: Pick<NewPolicy, 'name' | 'kind' | 'paid' | 'payrollCode'>;
    problem?: Problem | null;
  } = $props();

  const USUALLY_UNPAID: NewPolicy['kind'][] = ['UNPAID', 'UNEXPLAINED_ABSENCE'];

  /** Unpaid kinds are not paid, unless somebody ticks it all the same. */
  function choose(kind: NewPolicy['kind']) {
    const was = USUALLY_UNPAID.includes(facts.kind);
    const is = USUALLY_UNPAID.includes(kind);
    facts.kind = kind;
    if (was !== is) facts.paid = !is;
  }
</script>

<div class="flex flex-wrap gap-4">
  <Field label="Name" field="name" {problem}>
    <input class="input w-56" name="policy-name" bind:value={facts.name} />
  </Field>
  <Field label="Kind of absence" field="kind" {problem}>
    <select class="select w-44" bind:value={() => facts.kind, choose}>
      {#each KINDS as kind (kind)}<option value={kind}>{words(kind)}</option>{/each}
    </select>
  </Field>
  <Field label="Payroll code" field="payrollCode" {problem}>
    <input class="input w-28" name="payroll-code" bind:value={facts.payrollCode} />
  </Field>
  <label class="flex items-center gap-2 self-end pb-2">
    <input type="checkbox" class="checkbox checkbox-sm" bind:checked={facts.paid} /> Paid
  </label>
</div>
