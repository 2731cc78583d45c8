<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Card, CardDay } from '../api/types';
  import { counted, mondayOf, plusDays, span } from '../common/format';
  import { said } from '../common/said.svelte';
  import { session } from '../frame/session.svelte';
  import { axisOf, ticks } from './axis';
  import type { TimeCard } from './card.svelte';
  import CardRow from './CardRow.svelte';
  import CardSums from './CardSums.svelte';
  import Confirmations from './Confirmations.svelte';
  import LieuLeft from './LieuLeft.svelte';
  import { emptyDays, likeTheWeekBefore } from './typing';

  let {
    card,
    view,
    open,
  }: {
    card: TimeCard;
    view: Card;
    /** Shows everything about a day. */
    open: (on: string) => void;
  } = $props();

  const today = $derived(session.current.today);
  const axis = $derived(axisOf(view));
  const closed = $derived(card.isClosed(view.first));
  const mayChange = (day: CardDay) => card.mayChange(day, today);

  const weeks = $derived.by(() => {
    const all: { monday: string; days: CardDay[] }[] = [];
    for (const day of view.days) {
      const monday = mondayOf(day.on);
      if (all.at(-1)?.monday !== monday) all.push({ monday, days: [] });
      all.at(-1)!.days.push(day);
    }
    return all;
  });

  async function fill(lines: { on: string; line: string }[], words: string) {
    if (lines.length === 0) {
      said.say('There is no empty day that could be filled.');
    } else if (await card.set(lines)) {
      said.say(`${counted(lines.length, 'day')} ${words}.`);
    }
  }

  async function copyWeek(days: CardDay[]) {
    const query = { on: plusDays(days[0]!.on, -7) };
    let before: Card;
    try {
      before = await answer(
        api.GET('/api/people/{personId}/card', {
          params: { path: { personId: card.personId }, query },
        }),
      );
    } catch {
      said.say('The week before could not be fetched; nothing was changed.');
      return;
    }
    const known = [...before.days, ...view.days];
    const earlier = days.map((day) => known.find((each) => each.on === plusDays(day.on, -7))!);
    await fill(likeTheWeekBefore(days, earlier, mayChange), 'filled like the week before');
  }
</script>

{#if closed && view.maySetTimes && view.mayChangeClosed}
  <div
    class="mb-2 flex flex-wrap items-center gap-3 border-l-4 border-accent bg-base-200 px-3 py-1.5"
  >
    <span
      >This period is closed. What is changed here comes back as a correction in the next run.</span
    >
    <label class="grow">
      Why it is changed now
      <input
        class={['input ml-2 w-72', card.problem?.field === 'reason' && 'input-error']}
        maxlength="200"
        bind:value={card.reason}
        data-reason
      />
    </label>
    {#if card.problem?.field === 'reason'}
      <p class="w-full text-error" role="alert">{card.problem.message}</p>
    {/if}
  </div>
{/if}
<div class="mb-2 border-y border-base-300 py-1.5"><CardSums totals={view.totals} /></div>
<LieuLeft personId={view.personId} asOf={view.last} />
<Confirmations {card} {view} />
<table class="figures" data-card>
  <thead>
    <tr>
      <th>Day</th>
      <th class="hidden sm:table-cell">
        <span class="relative block h-5 font-normal" aria-hidden="true">
          {#each ticks(axis) as tick (tick.at)}
            <span class="absolute -translate-x-1/2 text-xs" style={`left: ${tick.at}%`}
              >{tick.words}</span
            >
          {/each}
        </span>
        <span class="sr-only">Times drawn</span>
      </th>
      <th class="w-[34%]">
        Times or hours
        <span class="quiet font-normal">as 8-12 12:30-16:30, or 7.5h</span>
      </th>
      <th class="number">Hours</th>
      <th class="hidden sm:table-cell">Of other kinds</th>
    </tr>
  </thead>
  {#each weeks as week (week.monday)}
    <tbody>
      {#if weeks.length > 1 || view.maySetTimes}
        <tr>
          <th colspan="5" scope="rowgroup" class="bg-base-200!">
            <span class="flex items-center justify-between">
              <span>Week of {span(week.days[0]!.on, week.days.at(-1)!.on)}</span>
              {#if view.maySetTimes && week.days.some(mayChange)}
                <span class="flex gap-3 font-normal">
                  <button
                    class="underline"
                    onclick={() => fill(emptyDays(week.days, mayChange), 'filled as scheduled')}
                    >As scheduled</button
                  >
                  <button class="underline" onclick={() => copyWeek(week.days)}
                    >Like the week before</button
                  >
                </span>
              {/if}
            </span>
          </th>
        </tr>
      {/if}
      {#each week.days as day (day.on)}
        <CardRow {day} {axis} {card} {today} open={() => open(day.on)} />
      {/each}
    </tbody>
  {/each}
</table>
<p class="quiet mt-2 text-sm">
  A break goes in brackets: 8-16:30 (12-12:30). Leave out an end that is not known yet: 8-. Another
  kind follows its times: 13-15 training. = fills as scheduled, " like the day before; Enter goes on
  to the next day.
</p>
