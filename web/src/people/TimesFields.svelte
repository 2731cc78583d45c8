<script lang="ts">
  import { untrack } from 'svelte';
  import { WEEKDAYS } from './employment';
  import { hoursOf, type TypedTimes } from './times';

  let { week = $bindable(), times = $bindable() }: { week: string[]; times: TypedTimes[] } =
    $props();

  const FIELDS: [keyof TypedTimes, string][] = [
    ['begins', 'From'],
    ['ends', 'To'],
    ['breakBegins', 'Break from'],
    ['breakEnds', 'Break to'],
  ];

  const first = $derived(times.findIndex((day) => hoursOf(day) !== null));

  let open = $state(untrack(() => first >= 0));

  /** The hours of a day follow from its times. */
  function follow(at: number) {
    const hours = hoursOf(times[at]!);
    if (hours !== null) week[at] = hours;
  }

  /** The times of the first day that has any, for every other day with hours. */
  function likeTheFirst() {
    untrack(() => week.map((hours) => Number(hours) > 0)).forEach((works, at) => {
      if (works) {
        times[at] = { ...times[first]! };
        follow(at);
      }
    });
  }
</script>

<details data-times bind:open>
  <summary class="cursor-pointer">Times of the day</summary>
  <p class="quiet mt-1 text-sm">
    With them, leave can be asked for from one time to another, and its hours follow. Hours typed
    above take the place of the times of their day.
  </p>
  <table class="mt-1 text-sm">
    <thead>
      <tr>
        <th><span class="sr-only">Day</span></th>
        {#each FIELDS as [field, title] (field)}
          <th class="px-1 text-left font-normal">{title}</th>
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each WEEKDAYS as day, at (day)}
        <tr>
          <th class="pr-2 text-left font-normal">{day}</th>
          {#each FIELDS as [field, title] (field)}
            <td class="p-0.5">
              <input
                class="input w-20 input-sm"
                aria-label={`${title} on ${day}`}
                bind:value={times[at]![field]}
                oninput={() => follow(at)}
              />
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
  {#if first >= 0}
    <button type="button" class="mt-1 text-sm underline" onclick={likeTheFirst}
      >The same as {WEEKDAYS[first]} on every day with hours</button
    >
  {/if}
</details>
