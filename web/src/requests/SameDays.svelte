<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { clockTime } from '../common/clock';
  import type { SameDays } from './days.svelte';

  let { days }: { days: SameDays } = $props();

  const readable = $derived(clockTime(days.from) !== null && clockTime(days.to) !== null);
</script>

<div class="flex flex-wrap items-end gap-4">
  <label class="block">
    <span class="block text-sm font-semibold">First day</span>
    <DateField
      name="first"
      class="input w-40"
      bind:value={days.first}
      onchange={(day) => days.last < day && (days.last = day)}
    />
  </label>
  <label class="block">
    <span class="block text-sm font-semibold">Last day</span>
    <DateField name="last" class="input w-40" bind:value={days.last} />
  </label>
  <label class="block">
    <span class="block text-sm font-semibold">How much of a day</span>
    <select class="select w-36" name="part" bind:value={days.part}>
      <option value="WHOLE">whole days</option>
      <option value="HALF">half days</option>
      <option value="MORNING">mornings</option>
      <option value="AFTERNOON">afternoons</option>
      <option value="HOURS">hours</option>
      <option value="TIMES">from … to …</option>
    </select>
  </label>
  {#if days.part === 'HOURS'}
    <label class="block">
      <span class="block text-sm font-semibold">Hours a day</span>
      <input class="input w-20" inputmode="decimal" name="hours" bind:value={days.hours} />
    </label>
  {:else if days.part === 'TIMES'}
    <div class="flex gap-2">
      <label class="block">
        <span class="block text-sm font-semibold">From</span>
        <input class="input w-20" name="from" bind:value={days.from} />
      </label>
      <label class="block">
        <span class="block text-sm font-semibold">To</span>
        <input class="input w-20" name="to" bind:value={days.to} />
      </label>
    </div>
  {/if}
</div>
{#if days.part === 'TIMES' && !readable}
  <p role="alert" class="text-sm text-error">Write times like 13:00 or 1:30p.</p>
{/if}
