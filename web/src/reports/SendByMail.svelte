<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { OfferedReport, ScheduledReport, StoredScheduledReport } from '../api/types';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import type { Asked } from './question';

  let {
    report,
    reports,
    asked,
    close,
  }: { report: OfferedReport; reports: OfferedReport[]; asked: Asked; close: () => void } =
    $props();

  const DAYS: Record<ScheduledReport['days'], string> = {
    THAT_DAY: 'of the day on which it is sent',
    LAST_WEEK: 'of the week before',
    LAST_MONTH: 'of the month before',
    THIS_MONTH: 'of that month',
    THIS_YEAR: 'of that year',
    LAST_YEAR: 'of the year before',
    NEXT_EIGHT_WEEKS: 'of the eight weeks from then on',
  };
  const FORMATS: Record<ScheduledReport['format'], string> = {
    XLSX: 'a workbook',
    XLSX_A_SHEET_EACH: 'a workbook with a sheet each',
    CSV: 'a CSV file',
    PDF: 'a PDF',
  };
  const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

  let name = $state(untrack(() => report.title));
  let days = $state<ScheduledReport['days']>(
    untrack(() => (report.ofOneDay ? 'THAT_DAY' : 'LAST_MONTH')),
  );
  let format = $state<ScheduledReport['format']>('XLSX');
  let rhythm = $state<ScheduledReport['rhythm']>('MONTHLY');
  let onDay = $state(1);
  let recipients = $state<number[]>(
    session.current.personId === null ? [] : [session.current.personId],
  );
  let possible = $state<{ personId: number; name: string }[]>([]);
  let all = $state<StoredScheduledReport[] | null>(null);
  const work = new Work();

  $effect(() => {
    void work.do(async () => {
      [all, possible] = await Promise.all([
        answer(api.GET('/api/scheduled-reports')),
        answer(api.GET('/api/scheduled-reports/recipients')),
      ]);
    });
  });

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const body: ScheduledReport = {
      name,
      report: report.name,
      days,
      teamId: asked.teamId === '' ? null : Number(asked.teamId),
      siteId: asked.siteId === '' ? null : Number(asked.siteId),
      search: asked.search.trim(),
      format,
      rhythm,
      onDay: Number(onDay),
      recipients,
    };
    await work.do(async () => {
      all = await answer(api.POST('/api/scheduled-reports', { body }));
      said.say('It will be sent from its next day on, in the morning.');
    });
  }

  function end(id: number) {
    void work.do(async () => {
      const params = { path: { id } };
      all = await answer(api.DELETE('/api/scheduled-reports/{id}', { params }));
      said.say('It is sent no more.');
    });
  }

  function when({ rhythm, onDay }: ScheduledReport): string {
    if (rhythm === 'DAILY') return 'every day';
    return rhythm === 'WEEKLY' ? `every ${WEEKDAYS[onDay - 1]}` : `on day ${onDay} of each month`;
  }
</script>

<SidePanel title="Send by mail" {close}>
  <form class="space-y-3" onsubmit={add}>
    <p>
      {report.title}, with the team, site and search that are chosen now, goes out as {FORMATS[
        format
      ]}
      {when({ rhythm, onDay } as ScheduledReport)}, {DAYS[days]}.
    </p>
    <label class="block">
      <span class="font-semibold">Name, which is the subject of the mail</span>
      <input class="input mt-1 block w-full" name="name" maxlength="60" bind:value={name} />
    </label>
    <div class="grid gap-3 sm:grid-cols-2">
      <label>
        <span class="block text-sm font-semibold">How often</span>
        <select class="select w-full" name="rhythm" bind:value={rhythm}>
          <option value="DAILY">every day</option>
          <option value="WEEKLY">every week</option>
          <option value="MONTHLY">every month</option>
        </select>
      </label>
      {#if rhythm === 'WEEKLY'}
        <label>
          <span class="block text-sm font-semibold">On</span>
          <select class="select w-full" name="onDay" bind:value={onDay}>
            {#each WEEKDAYS as weekday, at (weekday)}<option value={at + 1}>{weekday}</option
              >{/each}
          </select>
        </label>
      {:else if rhythm === 'MONTHLY'}
        <label>
          <span class="block text-sm font-semibold">On day</span>
          <input
            class="input w-full"
            type="number"
            min="1"
            max="28"
            name="onDay"
            bind:value={onDay}
          />
        </label>
      {/if}
      <label>
        <span class="block text-sm font-semibold">About the days</span>
        <select class="select w-full" name="days" bind:value={days}>
          {#each Object.entries(DAYS) as [each, words] (each)}<option value={each}>{words}</option
            >{/each}
        </select>
      </label>
      <label>
        <span class="block text-sm font-semibold">As</span>
        <select class="select w-full" name="format" bind:value={format}>
          {#each Object.entries(FORMATS) as [each, words] (each)}<option value={each}
              >{words}</option
            >{/each}
        </select>
      </label>
    </div>
    <fieldset>
      <legend class="text-sm font-semibold">To</legend>
      {#each possible as each (each.personId)}
        <label class="mr-4 inline-flex items-center gap-1.5">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            value={each.personId}
            bind:group={recipients}
          />
          {each.name}
        </label>
      {/each}
      <p class="quiet text-sm">Those who may read reports and have an address.</p>
    </fieldset>
    <ProblemNote problem={work.problem} />
    <button
      class="btn btn-primary"
      disabled={work.busy || name.trim() === '' || recipients.length === 0}
      >Send it regularly</button
    >
  </form>
  <h3 class="mt-6 mb-1 font-semibold">Sent regularly</h3>
  {#if all === null}
    {#if !work.problem}<Waiting what="Looking" />{/if}
  {:else if all.length === 0}
    <p class="quiet">No report is.</p>
  {:else}
    <ul class="sheet divide-y divide-base-300" data-scheduled>
      {#each all as each (each.id)}
        <li class="flex justify-between gap-3 px-3 py-2">
          <span>
            <span class="font-semibold">{each.report.name}</span>:
            {reports.find((one) => one.name === each.report.report)?.title ?? each.report.report},
            {when(each.report)}
            <span class="quiet block text-sm"
              >{each.owner}; {each.lastFor ? `last on ${day(each.lastFor)}` : 'not sent yet'}</span
            >
            {#if each.problem}<span class="block border-l-4 border-error pl-2 text-sm"
                >{each.problem}</span
              >{/if}
          </span>
          <button class="btn btn-sm" disabled={work.busy} onclick={() => end(each.id)}>End</button>
        </li>
      {/each}
    </ul>
  {/if}
</SidePanel>
