<script lang="ts">
  import { isNegative, isZero } from '../common/decimal';
  import Check from '@lucide/svelte/icons/check';
  import CircleSlash from '@lucide/svelte/icons/circle-slash';
  import type { DayView, Decision, Unit } from '../api/types';
  import { clockSpan } from '../common/clock';
  import { amount, dayNumber, monthName, weekday, withUnit, words } from '../common/format';

  let {
    days,
    unit,
    decisions,
    toggle,
  }: {
    days: DayView[];
    unit: Unit;
    decisions?: Record<string, Decision>;
    toggle?: (on: string) => void;
  } = $props();

  function reason(day: DayView): string {
    switch (day.because) {
      case 'HOLIDAY':
        return day.holiday ?? 'Holiday';
      case 'HALF_HOLIDAY':
        return `${day.holiday}, half`;
      case 'DAY_OFF':
        return 'Day off';
      case 'NOT_EMPLOYED':
        return 'Not employed';
      default:
        return '';
    }
  }

  const PARTS: Partial<Record<DayView['part'], string>> = {
    HALF: 'half day',
    MORNING: 'morning',
    AFTERNOON: 'afternoon',
  };

  function firstNames(names: string[]): string {
    return names.map((name) => name.split(' ')[0]).join(', ');
  }

  const decided = $derived((day: DayView) => decisions?.[day.on] ?? day.decision);
</script>

<ol class="flex flex-wrap gap-1.5">
  {#each days as day (day.on)}
    {@const free = isZero(day.amount)}
    <li
      class={[
        'flex w-28 flex-col border px-2 py-1.5',
        free ? 'border-dashed border-base-content/30' : 'border-base-content/40',
        decided(day) === 'DECLINED' && 'hatched',
      ]}
    >
      <p class="flex items-baseline justify-between">
        <span class="quiet text-sm">{weekday(day.on)}</span>
        <span class="text-lg font-semibold">{dayNumber(day.on)}</span>
        <span class="quiet text-sm">{monthName(day.on).slice(0, 3)}</span>
      </p>
      {#if free}
        <p class="quiet text-sm">{reason(day)}</p>
        <p class="text-sm">costs nothing</p>
      {:else}
        <p class="text-sm">
          costs <strong title={day.amount}>{withUnit(day.amount, unit)}</strong>
          {#if PARTS[day.part]}<span class="quiet">{PARTS[day.part]}</span>{/if}
        </p>
        {#if day.between}<p class="quiet text-sm">{clockSpan(day.between)}</p>{/if}
        {#if day.left !== null}
          <p
            class={['text-sm', isNegative(day.left) && 'font-semibold text-error']}
            title={day.left}
          >
            leaves {amount(day.left)}
          </p>
        {/if}
      {/if}
      {#if day.away.length > 0}
        <p class="mt-1 border-t border-base-300 pt-1 text-xs" title={day.away.join(', ')}>
          {day.away.length} away: {firstNames(day.away)}
        </p>
      {/if}
      {#if day.asking.length > 0}
        <p
          class="mt-1 border-t border-dashed border-base-300 pt-1 text-xs"
          title={day.asking.join(', ')}
        >
          {day.asking.length} asking: {firstNames(day.asking)}
        </p>
      {/if}
      {#if toggle && !free}
        <button
          class="mt-auto border-t border-base-300 pt-1 text-left text-sm"
          aria-pressed={decided(day) === 'DECLINED'}
          onclick={() => toggle(day.on)}
        >
          {#if decided(day) === 'DECLINED'}
            <span class="flex items-center gap-1 font-semibold">
              <CircleSlash size={14} aria-hidden="true" /> Declined
            </span>
            <span class="underline">approve instead</span>
          {:else}
            <span class="flex items-center gap-1 font-semibold">
              <Check size={14} aria-hidden="true" /> Approved
            </span>
            <span class="underline">decline instead</span>
          {/if}
        </button>
      {:else if day.decision && !free}
        <p class="mt-auto border-t border-base-300 pt-1 text-sm font-semibold">
          {words(day.decision)}
        </p>
      {/if}
    </li>
  {/each}
</ol>
