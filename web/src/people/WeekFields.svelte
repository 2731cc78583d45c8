<script lang="ts">
  import type { Problem } from '../api/problem';
  import { figure, WEEKDAYS } from './employment';

  let {
    week = $bindable(),
    problem = null,
    typed = () => {},
  }: {
    week: string[];
    problem?: Problem | null;
    /** Of which weekday hours are typed, from 0 on. */
    typed?: (at: number) => void;
  } = $props();

  const total = $derived(
    Math.round(week.reduce((sum, hours) => sum + (Number(figure(hours)) || 0), 0) * 100) / 100,
  );
</script>

<fieldset>
  <legend class="text-sm font-semibold">Scheduled hours</legend>
  <div class="mt-1 flex flex-wrap gap-2">
    {#each WEEKDAYS as day, at (day)}
      <label class="text-center text-sm">
        {day}
        <input
          class="input block w-14 text-right"
          inputmode="decimal"
          aria-label={`Hours on ${day}`}
          bind:value={week[at]}
          oninput={() => typed(at)}
        />
      </label>
    {/each}
    <span class="quiet self-end pb-2">{total} hours a week</span>
  </div>
  {#if problem?.isAt('week')}
    <p role="alert" class="text-sm text-error">{problem.message}</p>
  {/if}
</fieldset>
