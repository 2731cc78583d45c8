<script lang="ts">
  import { untrack } from 'svelte';
  import type { AskedDay, Holidays } from '../api/types';
  import {
    dayNumber,
    isWeekend,
    longDay,
    mondayOf,
    monthName,
    plusDays,
    weekday,
  } from '../common/format';
  import { session } from '../frame/session.svelte';
  import { wholeDay } from '../requests/days.svelte';

  let {
    marked = $bindable(),
    freeDays,
    protectedDates,
  }: {
    marked: AskedDay[];
    freeDays: Record<string, string>;
    protectedDates: Holidays['protectedDates'];
  } = $props();

  const WEEKS = 8;

  let start = $state(mondayOf(session.current.today));
  /** The strip goes to where days are marked that it does not show. */
  $effect(() => {
    const first = marked[0]?.on;
    untrack(() => {
      if (first && painting === null && !weeks.flat().some((on) => isMarked(on))) {
        start = mondayOf(first);
      }
    });
  });

  let painting = $state<boolean | null>(null);

  const weeks = $derived(
    Array.from({ length: WEEKS }, (_, week) =>
      Array.from({ length: 7 }, (_, each) => plusDays(start, week * 7 + each)),
    ),
  );

  function isMarked(on: string): boolean {
    return marked.some((each) => each.on === on);
  }

  function mark(on: string, to: boolean) {
    if (to === isMarked(on)) {
      return;
    }
    const others = marked.filter((each) => each.on !== on);
    marked = to
      ? [...others, wholeDay(on)].sort((one, other) => one.on.localeCompare(other.on))
      : others;
  }

  function protection(on: string): string | undefined {
    return protectedDates.find((dates) => dates.starts <= on && on <= dates.ends)?.reason;
  }

  function describe(on: string): string {
    return [longDay(on), freeDays[on], protection(on) && `protected: ${protection(on)}`]
      .filter(Boolean)
      .join(', ');
  }

  function onKey(event: KeyboardEvent, on: string) {
    const steps: Record<string, number> = {
      ArrowLeft: -1,
      ArrowRight: 1,
      ArrowUp: -7,
      ArrowDown: 7,
    };
    const step = steps[event.key];
    if (step !== undefined) {
      event.preventDefault();
      document.querySelector<HTMLElement>(`[data-day="${plusDays(on, step)}"]`)?.focus();
    }
  }
</script>

<svelte:window onpointerup={() => (painting = null)} />

<div class="flex items-start gap-2">
  <button
    class="btn btn-sm"
    aria-label="Earlier weeks"
    onclick={() => (start = plusDays(start, -28))}>‹</button
  >
  <div class="flex flex-wrap gap-x-3 gap-y-2" role="group" aria-label="Days to ask for">
    {#each weeks as week (week[0])}
      <div>
        <p class="quiet text-xs">{monthName(week[0]!)}</p>
        <div class="flex">
          {#each week as on (on)}
            <button
              data-day={on}
              aria-pressed={isMarked(on)}
              aria-label={describe(on)}
              title={describe(on)}
              disabled={on < session.current.today}
              class={[
                'relative flex h-12 w-8.5 touch-none flex-col items-center justify-center border border-r-0 border-base-content/30 last:border-r select-none disabled:opacity-40',
                isMarked(on)
                  ? 'bg-primary font-semibold text-primary-content'
                  : isWeekend(on)
                    ? 'bg-base-300'
                    : 'bg-base-100',
                protection(on) && !isMarked(on) && 'hatched',
              ]}
              onkeydown={(event) => onKey(event, on)}
              onclick={(event) => event.detail === 0 && mark(on, !isMarked(on))}
              onpointerdown={(event) => {
                painting = !isMarked(on);
                mark(on, painting);
                event.currentTarget.releasePointerCapture(event.pointerId);
              }}
              onpointerenter={() => painting !== null && mark(on, painting)}
            >
              <span class="text-[0.65rem] leading-none">{weekday(on).slice(0, 2)}</span>
              <span>{dayNumber(on)}</span>
              {#if freeDays[on]}
                <span class="absolute inset-x-1 bottom-0.5 h-1 bg-accent" aria-hidden="true"></span>
              {/if}
            </button>
          {/each}
        </div>
      </div>
    {/each}
  </div>
  <button class="btn btn-sm" aria-label="Later weeks" onclick={() => (start = plusDays(start, 28))}
    >›</button
  >
</div>
<p class="quiet mt-1 text-sm">
  Click or drag over days. A marigold bar is a holiday; hatched days are protected.
</p>
