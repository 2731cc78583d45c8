<script lang="ts">
  import type { Problem } from '../api/problem';
  import type { RequestRules, RuleConflict } from '../api/types';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';

  let {
    rules = $bindable(),
    problem = null,
    conflicts = [],
  }: { rules: RequestRules; problem?: Problem | null; conflicts?: RuleConflict[] } = $props();

  const QUESTIONS: ['noteRequired' | 'holidaysCost' | 'daysOffCost', string][] = [
    ['noteRequired', 'A note is needed.'],
    ['holidaysCost', 'Holidays cost like any working day.'],
    ['daysOffCost', 'Days off the schedule cost a day.'],
  ];
</script>

<ul class="space-y-1.5" data-request-rules>
  <li>
    <label class="flex items-center gap-2">
      A request is sent at least
      <input
        class="w-12 border-b-2 border-primary/50 bg-transparent text-center font-semibold text-primary"
        type="number"
        name="notice-days"
        min="0"
        max="365"
        bind:value={rules.noticeDays}
      /> days before its first day.
    </label>
  </li>
  <li>
    It is asked for in
    <Choice
      name="Parts of a day"
      choices={[
        ['HOURS', 'whole days, half days or hours'],
        ['HALF_DAYS', 'whole or half days'],
        ['WHOLE_DAYS', 'whole days'],
      ]}
      bind:value={rules.leaveIn}
    />{#if rules.leaveIn === 'HOURS' || rules.smallestStep !== null}, hours in steps of
      <Blank
        name="Smallest step in hours"
        field="rules.smallestStep"
        problemAt={problem?.field}
        bind:value={rules.smallestStep}
      />
      hours <span class="quiet">(empty: any)</span>{/if}.
    {#each conflicts.filter( (each) => each.field.startsWith('rules.') ) as conflict (conflict.message)}
      <p role="status" class="border-l-4 border-accent bg-base-200 pl-2" data-conflict>
        Does this go together? {conflict.message}
      </p>
    {/each}
  </li>
  {#each QUESTIONS as [question, text] (question)}
    <li>
      <label class="flex items-center gap-2">
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={rules[question]} />
        {text}
      </label>
    </li>
  {/each}
</ul>
