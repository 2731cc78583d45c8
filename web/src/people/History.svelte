<script lang="ts">
  import type { EmploymentHistory, Person } from '../api/types';
  import { day, words } from '../common/format';
  import { weekWords } from './employment';
  import { timesWords } from './times';

  let {
    person,
    history,
    takeBack,
  }: {
    person: Person;
    history: EmploymentHistory;
    /** What to take back, and from when; null where nothing can be changed. */
    takeBack: ((what: 'MOVE' | 'FTE' | 'SCHEDULE' | 'PAUSE', from: string) => void) | null;
  } = $props();

  const ftes = $derived(history.ftes.length > 1 || history.ftes[0]?.fte !== '1');
</script>

{#snippet since(from: string | null, what: 'MOVE' | 'FTE' | 'SCHEDULE', text: string)}
  <li class="grid grid-cols-[7rem_1fr_auto] gap-3 py-0.5">
    <span class="quiet whitespace-nowrap"
      >{from === null || from <= person.hired ? 'At first' : `From ${day(from)}`}</span
    >
    <span>{text}</span>
    {#if takeBack && from !== null && from > person.hired}
      <button class="text-sm underline" onclick={() => takeBack(what, from)}>Take back</button>
    {/if}
  </li>
{/snippet}

<div class="grid gap-x-8 gap-y-3 lg:grid-cols-2" data-history>
  <section>
    <h3 class="font-semibold">Where they work</h3>
    <ul>
      {#each history.placements as place (place.from)}
        {@render since(
          place.from,
          'MOVE',
          `${place.team} at ${place.site}, ${words(place.employmentType).toLowerCase()}, ${place.payGroup}, ${place.approver ? `decided by ${place.approver}` : 'nobody decides for them'}`,
        )}
      {/each}
    </ul>
  </section>
  <section>
    <h3 class="font-semibold">Schedule</h3>
    <ul>
      {#each history.schedules as schedule (schedule.from)}
        {@render since(
          schedule.from,
          'SCHEDULE',
          [weekWords(schedule.week), timesWords(schedule.times)].filter((each) => each).join('; '),
        )}
      {/each}
    </ul>
    {#if ftes}
      <h3 class="mt-2 font-semibold">FTE</h3>
      <ul>
        {#each history.ftes as fte (fte.from)}
          {@render since(fte.from, 'FTE', fte.fte)}
        {/each}
      </ul>
    {/if}
    {#if history.pauses.length > 0}
      <h3 class="mt-2 font-semibold">Pauses</h3>
      <ul>
        {#each history.pauses as pause (pause.from)}
          <li class="flex justify-between gap-3 py-0.5">
            <span>{day(pause.from)} to {day(pause.to)}: {pause.reason}</span>
            {#if takeBack}
              <button class="text-sm underline" onclick={() => takeBack('PAUSE', pause.from)}
                >Take back</button
              >
            {/if}
          </li>
        {/each}
      </ul>
    {/if}
  </section>
</div>
