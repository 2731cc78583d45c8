<script lang="ts">
  import type { Problem } from '../api/problem';
  import Field from '../common/Field.svelte';

  let {
    legend,
    fixed = $bindable(),
    hours = $bindable(),
    byFte = $bindable(),
    problem,
  }: {
    legend: string;
    /** Whether a fixed number is given instead of the scheduled hours. */
    fixed: boolean;
    hours: string;
    byFte: boolean;
    problem: Problem | null;
  } = $props();
</script>

<fieldset class="space-y-1">
  <legend class="text-sm font-semibold">{legend}</legend>
  <label class="flex items-center gap-2">
    <input type="radio" class="radio radio-sm" name="mode" value={false} bind:group={fixed} />
    the hours each is scheduled that day
  </label>
  <label class="flex items-center gap-2">
    <input type="radio" class="radio radio-sm" name="mode" value={true} bind:group={fixed} />
    a fixed number of hours
  </label>
</fieldset>
{#if fixed}
  <div class="flex items-end gap-4">
    <Field label="Hours" field="hours" {problem}>
      <input class="input w-24" inputmode="decimal" name="hours" bind:value={hours} />
    </Field>
    <label class="flex items-center gap-2 pb-2">
      <input type="checkbox" class="checkbox checkbox-sm" bind:checked={byFte} /> in proportion to FTE
    </label>
  </div>
{/if}
