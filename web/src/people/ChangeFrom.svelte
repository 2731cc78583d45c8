<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { DayTimes, Person } from '../api/types';
  import Field from '../common/Field.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { figure } from './employment';
  import { NO_TIMES, timesOfWeek, typedWeek, unreadable } from './times';
  import TimesFields from './TimesFields.svelte';
  import WeekFields from './WeekFields.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    what,
    fte: fteBefore,
    week: weekBefore,
    times: timesBefore,
    done,
    close,
  }: {
    person: Person;
    what: 'HOURS' | 'PAUSE';
    fte: string;
    week: string[];
    times: DayTimes[];
    done: (person: Person) => void;
    close: () => void;
  } = $props();

  let from = $state(session.current.today);
  let to = $state('');
  let reason = $state('');
  let fte = $state(untrack(() => fteBefore));
  let week = $state(untrack(() => [...weekBefore]));
  let times = $state(untrack(() => typedWeek(timesBefore)));
  const work = new Work();

  const path = { path: { personId: untrack(() => person.id) } };
  const fteChanges = $derived(figure(fte) !== figure(fteBefore));
  const timesUnread = $derived(unreadable(times));
  const weekChanges = $derived(
    week.some((hours, at) => figure(hours) !== figure(weekBefore[at]!)) ||
      JSON.stringify(times) !== JSON.stringify(typedWeek(timesBefore)),
  );
  const nothing = $derived(what === 'HOURS' ? !fteChanges && !weekChanges : !to || !reason.trim());

  async function change(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        what === 'PAUSE'
          ? await answer(
              api.POST('/api/people/{personId}/pauses', {
                params: path,
                body: { from, to, reason },
              }),
            )
          : await answer(
              api.PUT('/api/people/{personId}/working-time', {
                params: path,
                body: {
                  seen: { fte: fteBefore, week: weekBefore, times: timesBefore },
                  from,
                  fte: fteChanges ? figure(fte) : null,
                  week: weekChanges ? week.map(figure) : null,
                  times: timesOfWeek(times),
                },
              }),
            ),
      );
    });
  }
</script>

<SidePanel
  title={what === 'PAUSE' ? `A pause of ${person.name}` : `Working time of ${person.name}`}
  {close}
>
  <form class="space-y-4" onsubmit={change}>
    {#if what === 'PAUSE'}
      <p>
        In a pause, such as unpaid leave or a seasonal break, nothing is earned by time and nothing
        is scheduled. What was earned before stays.
      </p>
    {/if}
    <div class="flex gap-4">
      <Field label={what === 'PAUSE' ? 'First day' : 'From'} field="from" problem={work.problem}>
        <DateField class="input w-44" name="from" bind:value={from} />
      </Field>
      {#if what === 'PAUSE'}
        <Field label="Last day" field="to" problem={work.problem}>
          <DateField class="input w-44" name="to" bind:value={to} />
        </Field>
      {/if}
    </div>
    {#if what === 'PAUSE'}
      <Field label="Why" field="reason" problem={work.problem}>
        <input class="input w-full" name="reason" bind:value={reason} />
      </Field>
    {:else}
      <Field label="FTE" field="fte" problem={work.problem}>
        <input class="input w-24" inputmode="decimal" name="fte" bind:value={fte} />
      </Field>
      <WeekFields bind:week problem={work.problem} typed={(at) => (times[at] = { ...NO_TIMES })} />
      <TimesFields bind:week bind:times />
      {#if timesUnread}
        <p role="alert" class="text-sm text-error">
          The times of {timesUnread} need a begin and an end, such as 8:00 and 16:30.
        </p>
      {/if}
      <p class="quiet">
        Leave already approved keeps the hours it was approved with. Shares earned by time follow
        the FTE from that day on.
      </p>
    {/if}
    {#if from && from < session.current.today}
      <p class="border-l-4 border-accent bg-base-200 px-3 py-1">
        That day is in the past. What closed runs posted since is corrected by the next one.
      </p>
    {/if}
    <ProblemNote problem={work.problem} besides={['from', 'to', 'reason', 'fte', 'week']} />
    <button
      class="btn btn-primary"
      disabled={work.busy || !from || nothing || (what === 'HOURS' && timesUnread !== null)}
      >{what === 'PAUSE' ? 'Set the pause' : 'Change it from then on'}</button
    >
  </form>
</SidePanel>
