<script lang="ts">
  import type { CalendarDay, TeamBand } from '../api/types';
  import { isPositive } from '../common/decimal';
  import { amount, longDay } from '../common/format';

  let { band, days }: { band: TeamBand; days: CalendarDay[] } = $props();

  type Day = TeamBand['days'][number];

  /** How much of the band is gone, from 0 to 100. */
  function gone(day: Day): number {
    return day.scheduled === 0 ? 0 : Math.min(100, (Number(day.away) / day.scheduled) * 100);
  }

  /** Where the minimum lies on the band, from 0 at its top to 100. */
  function minimum(day: Day): number {
    return Math.max(0, 100 - (day.needed / day.scheduled) * 100);
  }

  function told(day: Day, on: string): string {
    if (day.scheduled === 0) return `${longDay(on)}: nobody is scheduled`;
    return [
      `${longDay(on)}: ${amount(day.away)} of ${day.scheduled} away`,
      isPositive(day.waiting) && `${amount(day.waiting)} waiting`,
      day.needed > 0 && `${day.needed} needed`,
      day.isShort && 'fewer than needed',
    ]
      .filter(Boolean)
      .join(', ');
  }
</script>

{#each band.days as day, at (days[at]!.on)}
  <div
    class="relative h-10 overflow-hidden border-r border-base-100"
    title={told(day, days[at]!.on)}
    data-band-day={days[at]!.on}
    data-short={day.isShort || undefined}
  >
    {#if day.scheduled > 0}
      <!-- the band is what is there; it sinks and deepens with those who are away -->
      <div
        class="absolute inset-x-0 bottom-0 bg-secondary dark:bg-info"
        style:top={`${gone(day)}%`}
        style:opacity={0.25 + (gone(day) / 100) * 0.75}
      ></div>
      {#if isPositive(day.waiting)}
        <div
          class="hatched absolute inset-x-0"
          style:top={`${gone(day)}%`}
          style:height={`${Math.min(100 - gone(day), (Number(day.waiting) / day.scheduled) * 100)}%`}
        ></div>
      {/if}
      {#if day.needed > 0}
        <div
          class="absolute inset-x-0 border-t-2 border-dashed border-primary"
          style:top={`${minimum(day)}%`}
        ></div>
      {/if}
      {#if day.isShort}
        <span
          class="absolute inset-x-0 top-0 text-center text-xs leading-4 font-bold text-primary"
          aria-hidden="true">▾</span
        >
      {/if}
    {/if}
    <span class="sr-only">{told(day, days[at]!.on)}</span>
  </div>
{/each}
