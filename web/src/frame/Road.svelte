<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import Banknote from '@lucide/svelte/icons/banknote';
  import Flag from '@lucide/svelte/icons/flag';
  import Milestone from '@lucide/svelte/icons/milestone';
  import Shield from '@lucide/svelte/icons/shield';
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Organisation, Road, Segment } from '../api/types';
  import { day, daysBetween, isDate, longDay, plusDays, shortDay, span } from '../common/format';
  import { asOf } from './asof.svelte';
  import { road as chosenRoad } from './road.svelte';
  import { session } from './session.svelte';

  let road = $state<Road | null>(null);
  let organisation = $state<Organisation | null>(null);
  let strip = $state<HTMLElement>();
  let dragging = $state(false);
  let typed = $derived(asOf.day);

  $effect(() => {
    void chosenRoad.version;
    const query = chosenRoad.payGroupId === null ? {} : { payGroupId: chosenRoad.payGroupId };
    answer(api.GET('/api/road', { params: { query } })).then((loaded) => (road = loaded));
  });

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });

  const first = $derived(road?.periods[0]?.first ?? '');
  const last = $derived(road?.periods.at(-1)?.last ?? '');
  const length = $derived(first ? daysBetween(first, last) + 1 : 1);

  function place(iso: string): number {
    return Math.min(100, Math.max(0, ((daysBetween(first, iso) + 0.5) / length) * 100));
  }

  function dayAt(x: number): string {
    const box = strip!.getBoundingClientRect();
    const share = Math.min(0.9999, Math.max(0, (x - box.left) / box.width));
    return plusDays(first, Math.floor(share * length));
  }

  function drag(event: PointerEvent) {
    if (dragging) {
      asOf.day = dayAt(event.clientX);
    }
  }

  function onMarkerKey(event: KeyboardEvent) {
    const steps: Record<string, number> = {
      ArrowLeft: -1,
      ArrowRight: 1,
      ArrowDown: -7,
      ArrowUp: 7,
      PageDown: -30,
      PageUp: 30,
    };
    const step = steps[event.key];
    if (step !== undefined) {
      event.preventDefault();
      asOf.day = plusDays(asOf.day, step);
    }
  }

  async function letTimePass() {
    await answer(api.POST('/api/demo/clock', { body: { day: asOf.day } }));
    window.location.reload();
  }

  function look(segment: Segment) {
    if (segment.runId !== null) {
      push(`/pay-runs/${segment.runId}`);
    } else {
      asOf.day = segment.last;
    }
  }

  const states = { CLOSED: 'closed', GATHERING: 'gathering', AHEAD: 'ahead' };

  function fading(segment: Segment): number {
    return segment.state === 'AHEAD' && segment.first > session.current.today
      ? 1 - daysBetween(session.current.today, segment.first) / 320
      : 1;
  }

  function isNow(segment: Segment): boolean {
    return segment.first <= session.current.today && session.current.today <= segment.last;
  }

  const marksByDay = $derived.by(() => {
    const byDay: Record<string, Road['marks'][number]> = {};
    for (const mark of road?.marks ?? []) {
      const before = byDay[mark.on + mark.kind];
      byDay[mark.on + mark.kind] = before
        ? { ...mark, text: `${before.text}, ${mark.text}` }
        : mark;
    }
    return Object.values(byDay);
  });

  const marks = { HOLIDAY: Milestone, PROTECTED: Shield, POLICY: Flag, PAY_DAY: Banknote };
</script>

<header
  class={[
    'sticky top-0 z-20 border-b-2 bg-base-200',
    asOf.direction === 'today' ? 'border-base-300' : 'border-primary',
  ]}
>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-2 text-sm lg:px-7">
    {#if organisation && road}
      <label class="flex items-center gap-2">
        <span class="sr-only">Pay group</span>
        <select
          class="border-b border-base-content/40 bg-transparent py-0.5 font-semibold"
          value={road.payGroupId}
          onchange={(event) => (chosenRoad.payGroupId = Number(event.currentTarget.value))}
        >
          {#each organisation.payGroups as group (group.id)}
            <option value={group.id}>{group.name}</option>
          {/each}
        </select>
      </label>
    {/if}
    <p aria-live="polite" class="font-semibold">
      {#if asOf.direction === 'ahead'}
        <span class="bg-primary px-2 py-0.5 text-primary-content"
          >Looking ahead to {longDay(asOf.day)}: forecast</span
        >
      {:else if asOf.direction === 'back'}
        <span class="bg-neutral px-2 py-0.5 text-neutral-content"
          >Looking back to {longDay(asOf.day)}</span
        >
      {:else if asOf.day}
        Today, {longDay(asOf.day)}
      {/if}
    </p>
    {#if session.current.demo && asOf.direction === 'ahead'}
      <button class="underline" onclick={letTimePass}>Let the demo’s time pass to this day</button>
    {/if}
    <form
      class="ml-auto flex items-center gap-2"
      onsubmit={(event) => {
        event.preventDefault();
        if (isDate(typed)) asOf.day = typed;
      }}
    >
      <label class="flex items-center gap-2">
        As of
        <DateField
          class="border-b border-base-content/40 bg-transparent"
          bind:value={typed}
          onchange={() => isDate(typed) && (asOf.day = typed)}
        />
      </label>
      <button
        type="button"
        class="underline disabled:no-underline disabled:opacity-60"
        disabled={asOf.direction === 'today'}
        onclick={() => asOf.backToToday()}>Today (t)</button
      >
    </form>
  </div>

  {#if road && road.periods.length > 0}
    <div class="px-4 pb-1 lg:px-7">
      <div class="relative h-12" bind:this={strip}>
        <div class="absolute inset-x-0 top-5 flex h-4">
          {#each road.periods as segment (segment.first)}
            <button
              tabindex="-1"
              title={`${span(segment.first, segment.last)}: ${states[segment.state]}`}
              aria-label={`Period ${span(segment.first, segment.last)}, ${states[segment.state]}`}
              onclick={() => look(segment)}
              style:flex-grow={daysBetween(segment.first, segment.last) + 1}
              style:opacity={fading(segment)}
              class={[
                'basis-0 border-r-2 border-base-200',
                segment.state === 'CLOSED' && 'bg-secondary dark:bg-info/60',
                segment.state === 'GATHERING' &&
                  'hatched border-y-2 border-y-secondary text-secondary dark:border-y-info dark:text-info',
                segment.state === 'AHEAD' &&
                  (isNow(segment)
                    ? 'border-y-2 border-y-secondary dark:border-y-info'
                    : 'border-y border-y-secondary/60 dark:border-y-info/60'),
              ]}
            ></button>
          {/each}
        </div>
        {#each road.periods as segment, index (segment.first)}
          {#if index % 2 === 0}
            <span
              class="quiet absolute top-9.5 text-xs whitespace-nowrap"
              style:left={`${(daysBetween(first, segment.first) / length) * 100}%`}
              >{shortDay(segment.first)}</span
            >
          {/if}
        {/each}
        {#each marksByDay as mark (mark.on + mark.kind)}
          {@const Shape = marks[mark.kind]}
          <span
            class="absolute top-0.5 -translate-x-1/2"
            style:left={`${place(mark.on)}%`}
            title={`${day(mark.on)}: ${mark.text}`}
          >
            <Shape
              size={mark.kind === 'PAY_DAY' ? 10 : 13}
              class={['quiet', mark.kind === 'PAY_DAY' && 'mt-0.5 opacity-60']}
              aria-hidden="true"
            />
            <span class="sr-only">{day(mark.on)}: {mark.text}</span>
          </span>
        {/each}
        <div
          role="slider"
          tabindex="0"
          aria-label="As-of day"
          aria-valuemin={0}
          aria-valuemax={length - 1}
          aria-valuenow={daysBetween(first, asOf.day)}
          aria-valuetext={longDay(asOf.day)}
          class="absolute top-3 h-8 w-5 -translate-x-1/2 cursor-ew-resize touch-none"
          style:left={`${place(asOf.day)}%`}
          onkeydown={onMarkerKey}
          onpointerdown={(event) => {
            dragging = true;
            event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onpointermove={drag}
          onpointerup={() => (dragging = false)}
        >
          <svg viewBox="0 0 20 32" class="h-full w-full" aria-hidden="true">
            <path d="M10 30V12" stroke="var(--color-primary)" stroke-width="3" />
            <path d="M3 2h14l-7 11z" fill="var(--color-primary)" />
          </svg>
        </div>
      </div>
    </div>
  {/if}
</header>
