<script lang="ts">
  import type { HolidayRule, Holidays } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, weekday } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import AwardList from './AwardList.svelte';
  import AwardPanel from './AwardPanel.svelte';
  import { Calendars } from './calendars.svelte';
  import CountryPanel from './CountryPanel.svelte';
  import DayPanel from './DayPanel.svelte';
  import PayPanel from './PayPanel.svelte';
  import ProtectedDates from './ProtectedDates.svelte';
  import ProtectPanel from './ProtectPanel.svelte';
  import { payWords } from './rules';
  import RulePanel from './RulePanel.svelte';
  import YearlyList from './YearlyList.svelte';
  import YearPanel from './YearPanel.svelte';

  type Panel =
    | { name: 'DAY'; holiday: Holidays['holidays'][number] | null }
    | { name: 'RULE'; rule: HolidayRule | null }
    | { name: 'YEAR' | 'FILE' | 'PAY' | 'AWARD' | 'PROTECT' | 'COUNTRY' };

  const calendars = new Calendars();
  let panel = $state<Panel | null>(null);

  void calendars.load();

  const { site, pay, days, organisation } = $derived(calendars);

  function settled(changed: Holidays, words: string) {
    panel = null;
    calendars.settled(changed, words);
  }
</script>

<h1 class="mb-3">Holidays</h1>
<ProblemNote problem={calendars.work.problem} />
{#if calendars.holidays === null || organisation === null}
  {#if !calendars.work.problem}<Waiting what="Fetching the calendars" />{/if}
{:else if site === undefined || pay === undefined}
  <Empty>
    <p>
      Each site has a calendar of its own. <a class="underline" href="#/people/organisation"
        >Add the first site</a
      >.
    </p>
  </Empty>
{:else}
  <div class="mb-4 flex flex-wrap items-center gap-2">
    <label class="flex items-center gap-2">
      Calendar of
      <select class="select w-48" aria-label="Site" bind:value={calendars.siteId}>
        {#each organisation.sites as each (each.id)}<option value={each.id}>{each.name}</option
          >{/each}
      </select>
    </label>
    <button class="btn btn-sm" onclick={() => (panel = { name: 'DAY', holiday: null })}
      >Add a single day</button
    >
    <button class="btn btn-sm" onclick={() => (panel = { name: 'YEAR' })}
      >Look at {calendars.nextYear} by the rules</button
    >
    <button class="btn btn-sm" onclick={() => (panel = { name: 'FILE' })}
      >From a calendar file</button
    >
    <a class="underline" href={`/api/holidays/${site.id}/calendar`} download
      >Download as a calendar</a
    >
  </div>
  <div class="grid gap-8 xl:grid-cols-[1.1fr_1fr]">
    <section>
      {#if days.length === 0}
        <Empty><p>No holidays yet. Add yearly ones, look at a year and take it.</p></Empty>
      {/if}
      {#each calendars.years as year (year)}
        <h2 class="mt-2 mb-1">{year}</h2>
        <table class="figures" data-year={year}>
          <tbody>
            {#each days.filter((each) => each.on.startsWith(year)) as holiday (holiday.on)}
              <tr class={holiday.on < session.current.today ? 'quiet' : undefined}>
                <td class="w-40 whitespace-nowrap">{weekday(holiday.on)}, {day(holiday.on)}</td>
                <td>{holiday.name}{holiday.half ? ', half a day' : ''}</td>
                <td class="text-right">
                  <button
                    class="text-sm underline"
                    aria-label={`Change ${holiday.name}`}
                    onclick={() => (panel = { name: 'DAY', holiday })}>Change</button
                  >
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/each}
    </section>
    <div class="space-y-6">
      <YearlyList
        {calendars}
        edit={(rule) => (panel = { name: 'RULE', rule })}
        country={() => (panel = { name: 'COUNTRY' })}
      />
      <section>
        <h2>How they are paid</h2>
        <p>
          With {payWords(pay)}.
          <button class="underline" onclick={() => (panel = { name: 'PAY' })}>Change</button>
        </p>
      </section>
      <AwardList {calendars} begin={() => (panel = { name: 'AWARD' })} />
      <ProtectedDates {calendars} begin={() => (panel = { name: 'PROTECT' })} />
    </div>
  </div>
  {#if panel?.name === 'DAY'}
    <DayPanel
      siteId={site.id}
      holiday={panel.holiday}
      close={() => (panel = null)}
      done={(changed) => settled(changed, 'The calendar is kept. Balances follow it.')}
    />
  {:else if panel?.name === 'RULE'}
    <RulePanel
      siteId={site.id}
      rule={panel.rule}
      close={() => (panel = null)}
      done={(changed) => settled(changed, 'Kept. Look at a year to let its days count.')}
    />
  {:else if panel?.name === 'YEAR' || panel?.name === 'FILE'}
    <YearPanel
      siteId={site.id}
      site={site.name}
      first={calendars.nextYear}
      fromFile={panel.name === 'FILE'}
      close={() => (panel = null)}
      done={settled}
    />
  {:else if panel?.name === 'COUNTRY'}
    <CountryPanel
      siteId={site.id}
      site={site.name}
      there={calendars.rules}
      close={() => (panel = null)}
      done={settled}
    />
  {:else if panel?.name === 'PAY'}
    <PayPanel
      {pay}
      site={site.name}
      close={() => (panel = null)}
      done={(changed) => settled(changed, 'Holidays are paid like that, open periods included.')}
    />
  {:else if panel?.name === 'AWARD'}
    <AwardPanel
      {organisation}
      close={() => (panel = null)}
      done={(given) => {
        panel = null;
        calendars.awards = given;
        said.say('Given. The hours stand on their time cards.');
      }}
    />
  {:else if panel?.name === 'PROTECT'}
    <ProtectPanel
      {organisation}
      close={() => (panel = null)}
      done={(changed) => settled(changed, 'Protected. Whoever asks for leave then reads why not.')}
    />
  {/if}
{/if}
