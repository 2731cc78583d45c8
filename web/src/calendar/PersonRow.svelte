<script lang="ts">
  import type { AbsentDay, CalendarDay, PersonDays } from '../api/types';
  import { clockSpan } from '../common/clock';
  import { longDay } from '../common/format';
  import { session } from '../frame/session.svelte';

  let { person, days }: { person: PersonDays; days: CalendarDay[] } = $props();

  const own = $derived(person.personId === session.current.personId);
  const byDay = $derived(new Map(person.days.map((each) => [each.on, each])));
  const decides = $derived(session.may('DECIDE_FOR_THE_ASSIGNED'));

  function howMuch(day: AbsentDay): string {
    if (day.between) return `, ${clockSpan(day.between)}`;
    return day.part === '1' ? '' : day.part === '0.5' ? ', half the day' : ', part of the day';
  }

  function told(day: AbsentDay): string {
    return [
      `${person.name}, ${longDay(day.on)}: ${day.kind ?? 'away'}${howMuch(day)}`,
      !day.approved && 'waiting',
    ]
      .filter(Boolean)
      .join(', ');
  }

  function address(on: string, day: AbsentDay | undefined): string | undefined {
    if (day?.requestId && decides) return `#/requests/${day.requestId}`;
    if (own && day === undefined && on >= session.current.today) return `#/my-time?day=${on}`;
    return undefined;
  }
</script>

{#each days as { on } (on)}
  {@const day = byDay.get(on)}
  {@const href = address(on, day)}
  <svelte:element
    this={href ? 'a' : 'div'}
    {href}
    class="relative block h-6 border-r border-base-100"
    title={day ? told(day) : own && href ? `Ask for ${longDay(on)}` : undefined}
    data-absent={day ? on : undefined}
  >
    {#if day}
      <span
        class={[
          'absolute inset-x-0 top-1',
          day.part === '1' ? 'bottom-1' : 'bottom-3',
          day.approved
            ? 'bg-secondary dark:bg-info'
            : 'hatched border border-dashed border-base-content',
        ]}
      ></span>
      <span class="sr-only">{told(day)}</span>
    {:else if href}
      <span class="sr-only">Ask for {longDay(on)}</span>
    {/if}
  </svelte:element>
{/each}
