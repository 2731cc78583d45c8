<script lang="ts">
  import { untrack } from 'svelte';
  import DateField from '../common/DateField.svelte';
  import Empty from '../common/Empty.svelte';
  import { dayNumber, isWeekend, longDay, monthName, weekday } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import More from '../common/More.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { entering } from '../frame/entering.svelte';
  import { session } from '../frame/session.svelte';
  import { AbsenceCalendar, STRETCHES } from './calendar.svelte';
  import Feeds from './Feeds.svelte';
  import PersonRow from './PersonRow.svelte';
  import TeamBand from './TeamBand.svelte';

  let subscribing = $state(false);

  const calendar = new AbsenceCalendar(untrack(() => asOf.day));
  const days = $derived(calendar.view?.days ?? []);
  const columns = $derived(`11rem repeat(${days.length}, minmax(0, 1fr))`);
  const inWeeks = $derived(calendar.stretch === 'QUARTER');

  $effect(() => calendar.begin());

  $effect(() => {
    void entering.done;
    calendar.load();
  });

  /** The calendar goes along with the marker on the road. */
  $effect(() => {
    const day = asOf.day;
    untrack(() => (calendar.around = day));
  });

  /** A month is named where it begins, and at the left edge. */
  function month(on: string, at: number): string {
    return at === 0 || on.endsWith('-01') ? monthName(on) : '';
  }

  function number(on: string): string {
    return !inWeeks || weekday(on).startsWith('Mo') ? String(dayNumber(on)) : '';
  }
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>Calendar</h1>
  <div class="flex flex-wrap items-center gap-4">
    <fieldset class="flex gap-4">
      <legend class="sr-only">How many days</legend>
      {#each STRETCHES as { value, title } (value)}
        <label class="flex items-center gap-1.5">
          <input type="radio" class="radio radio-sm" {value} bind:group={calendar.stretch} />
          {title}
        </label>
      {/each}
    </fieldset>
    <button class="btn btn-sm" onclick={() => (subscribing = true)}>In my calendar program</button>
  </div>
</div>
{#if subscribing}
  <SidePanel title="In your calendar program" close={() => (subscribing = false)}>
    <Feeds />
  </SidePanel>
{/if}
<div class="mb-3 flex flex-wrap items-center gap-2">
  <button class="btn btn-sm" aria-label="Earlier" onclick={() => calendar.move(-1)}>‹</button>
  <DateField class="input w-36" label="Around" bind:value={calendar.around} />
  <button class="btn btn-sm" aria-label="Later" onclick={() => calendar.move(1)}>›</button>
  <button
    class="underline disabled:opacity-50"
    disabled={calendar.around === session.current.today}
    onclick={() => (calendar.around = session.current.today)}>Today</button
  >
  <select class="select w-44" aria-label="Site" bind:value={calendar.siteId}>
    <option value="">All sites</option>
    {#each calendar.organisation?.sites ?? [] as site (site.id)}
      <option value={String(site.id)}>{site.name}</option>
    {/each}
  </select>
  <select class="select w-44" aria-label="Kind" bind:value={calendar.policyId}>
    <option value="">All kinds</option>
    {#each calendar.policies as policy (policy.id)}
      <option value={String(policy.id)}>{policy.name}</option>
    {/each}
  </select>
</div>
<ProblemNote problem={calendar.work.problem} />
{#if calendar.view === null}
  {#if !calendar.work.problem}<Waiting what="Fetching the calendar" />{/if}
{:else if calendar.view.teams.length === 0}
  <Empty><p>Nobody is to be seen here on these days.</p></Empty>
{:else}
  <div class="overflow-x-auto">
    <div class="min-w-2xl" data-calendar use:listKeys>
      <div class="grid" style:grid-template-columns={columns}>
        <span></span>
        {#each days as { on }, at (on)}
          <span class="quiet text-xs whitespace-nowrap">{month(on, at)}</span>
        {/each}
        <span></span>
        {#each days as { on, holidays, protectedFor } (on)}
          <span
            class={[
              'relative border-r border-base-100 pb-1.5 text-center text-xs',
              isWeekend(on) && 'bg-base-300',
              protectedFor.length > 0 && 'hatched',
              on === session.current.today && 'font-bold text-primary',
            ]}
            title={[
              longDay(on),
              ...holidays,
              ...protectedFor.map((why) => `protected: ${why}`),
            ].join(', ')}
          >
            {#if !inWeeks}<span class="block text-[0.65rem]">{weekday(on).slice(0, 2)}</span>{/if}
            <span class="block min-h-4">{number(on)}</span>
            {#if holidays.length > 0}
              <span class="absolute inset-x-0.5 bottom-0 h-1 bg-accent" aria-hidden="true"></span>
              <span class="sr-only">{holidays.join(', ')}</span>
            {/if}
          </span>
        {/each}
      </div>
      {#each calendar.view.teams as band (band.teamId)}
        {@const isOpen = calendar.opened.includes(band.teamId)}
        <div class="mt-2 grid items-center" style:grid-template-columns={columns}>
          <button
            class="truncate pr-2 text-left font-semibold underline-offset-2 hover:underline"
            data-row
            aria-expanded={isOpen}
            onclick={() => calendar.toggle(band.teamId)}
          >
            <span class="inline-block w-4 text-primary">{isOpen ? '−' : '+'}</span>{band.team}
          </button>
          <TeamBand {band} {days} />
        </div>
        {#if isOpen}
          {#each calendar.people[band.teamId] ?? [] as person (person.personId)}
            <div
              class="grid items-center border-b border-base-300"
              style:grid-template-columns={columns}
              data-person={person.name}
            >
              <span class="truncate pr-2 pl-4 text-sm">{person.name}</span>
              <PersonRow {person} {days} />
            </div>
          {/each}
        {/if}
      {/each}
      <More left={calendar.left} more={() => void calendar.more()} />
    </div>
  </div>
  <p class="quiet mt-4 text-sm">
    A band sinks and deepens with those who are away; hatched above it is what waits, the dashed
    line is how many are needed, and ▾ marks days with fewer. Open a team to see its people. A
    marigold bar is a holiday; hatched days are protected.
  </p>
{/if}
