<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Award, HolidayRule, Holidays, Organisation } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { amount, day, span, weekday } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import { session } from '../frame/session.svelte';
  import AwardPanel from './AwardPanel.svelte';
  import DayPanel from './DayPanel.svelte';
  import PayPanel from './PayPanel.svelte';
  import ProtectPanel from './ProtectPanel.svelte';
  import { payWords, ruleWords } from './rules';
  import RulePanel from './RulePanel.svelte';
  import YearPanel from './YearPanel.svelte';

  type Panel =
    | { name: 'DAY'; holiday: Holidays['holidays'][number] | null }
    | { name: 'RULE'; rule: HolidayRule | null }
    | { name: 'YEAR' | 'FILE' | 'PAY' | 'AWARD' | 'PROTECT' };

  let holidays = $state<Holidays | null>(null);
  let awards = $state<Award[]>([]);
  let organisation = $state<Organisation | null>(null);
  let siteId = $state<number | null>(null);
  let panel = $state<Panel | null>(null);
  let problem = $state<Problem | null>(null);

  $effect(() => {
    Promise.all([
      answer(api.GET('/api/holidays')),
      answer(api.GET('/api/organisation')),
      answer(api.GET('/api/awards')),
    ]).then(
      ([loaded, groups, given]) => {
        holidays = loaded;
        organisation = groups;
        awards = given;
        siteId = groups.sites[0]?.id ?? null;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  const site = $derived(organisation?.sites.find((each) => each.id === siteId));
  const days = $derived(holidays?.holidays.filter((each) => each.siteId === siteId) ?? []);
  const rules = $derived(holidays?.rules.filter((each) => each.siteId === siteId) ?? []);
  const pay = $derived(holidays?.pay.find((each) => each.siteId === siteId));
  const years = $derived([...new Set(days.map((each) => each.on.slice(0, 4)))]);
  const nextYear = $derived(
    Math.max(Number(session.current.today.slice(0, 4)) - 1, ...years.map(Number)) + 1,
  );

  function settled(changed: Holidays, words: string) {
    panel = null;
    problem = null;
    holidays = changed;
    said.say(words);
    road.changed();
  }

  async function attempt(work: () => Promise<Holidays>, words: string) {
    try {
      settled(await work(), words);
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }

  const others = $derived(organisation?.sites.filter((each) => each.id !== siteId) ?? []);

  function copyRules(fromSiteId: number) {
    if (siteId === null) return;
    return attempt(
      () =>
        answer(
          api.POST('/api/holidays/{siteId}/rules/copy', {
            params: { path: { siteId: siteId! }, query: { fromSiteId } },
          }),
        ),
      'Copied. Days count once a year of them is taken.',
    );
  }

  function removeRule(id: number) {
    return attempt(
      () => answer(api.DELETE('/api/holidays/rules/{id}', { params: { path: { id } } })),
      'It comes no more. Days taken before stay.',
    );
  }

  function unprotect(id: number) {
    return attempt(
      () => answer(api.DELETE('/api/holidays/protected/{id}', { params: { path: { id } } })),
      'Leave can be asked for on these days again.',
    );
  }

  async function takeBack(id: number) {
    try {
      awards = await answer(api.DELETE('/api/awards/{id}', { params: { path: { id } } }));
      said.say('The award is taken back.');
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }
</script>

<h1 class="mb-3">Holidays</h1>
<ProblemNote {problem} />
{#if holidays === null || organisation === null}
  {#if !problem}<Waiting what="Fetching the calendars" />{/if}
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
      <select class="select w-48" aria-label="Site" bind:value={siteId}>
        {#each organisation.sites as each (each.id)}<option value={each.id}>{each.name}</option
          >{/each}
      </select>
    </label>
    <button class="btn btn-sm" onclick={() => (panel = { name: 'DAY', holiday: null })}
      >Add a single day</button
    >
    <button class="btn btn-sm" onclick={() => (panel = { name: 'YEAR' })}
      >Look at {nextYear} by the rules</button
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
      {#each years as year (year)}
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
      <section>
        <div class="flex items-end justify-between">
          <h2>Every year</h2>
          <button class="btn btn-sm" onclick={() => (panel = { name: 'RULE', rule: null })}
            >Add a yearly holiday</button
          >
        </div>
        <ul class="mt-1 divide-y divide-base-300" data-rules>
          {#each rules as rule (rule.id)}
            <li class="flex items-baseline justify-between gap-3 py-1">
              <span
                ><strong>{rule.rule.name}</strong>
                <span class="quiet">{ruleWords(rule.rule)}</span></span
              >
              <span class="flex gap-3 text-sm whitespace-nowrap">
                <button class="underline" onclick={() => (panel = { name: 'RULE', rule })}
                  >Change</button
                >
                <button class="underline" onclick={() => removeRule(rule.id)}>Take away</button>
              </span>
            </li>
          {:else}
            <li class="quiet py-1">None yet.</li>
          {/each}
        </ul>
        {#if others.some((each) => holidays?.rules.some((rule) => rule.siteId === each.id))}
          <p class="mt-1 text-sm">
            Copy those of
            {#each others as other (other.id)}
              <button class="mr-2 underline" onclick={() => copyRules(other.id)}
                >{other.name}</button
              >
            {/each}
          </p>
        {/if}
      </section>
      <section>
        <h2>How they are paid</h2>
        <p>
          With {payWords(pay)}.
          <button class="underline" onclick={() => (panel = { name: 'PAY' })}>Change</button>
        </p>
      </section>
      <section>
        <div class="flex items-end justify-between">
          <h2>Paid hours for extra days</h2>
          <button class="btn btn-sm" onclick={() => (panel = { name: 'AWARD' })}>Award hours</button
          >
        </div>
        <ul class="mt-1 divide-y divide-base-300" data-awards>
          {#each awards as award (award.id)}
            <li class="flex items-baseline justify-between gap-3 py-1">
              <span>
                {day(award.on)}: <strong>{award.name}</strong>, {amount(award.hours)} hours for
                <span title={award.people.map((each) => each.person).join(', ')}
                  >{award.people.length} people</span
                >
                <span class="quiet">{award.reason ? `“${award.reason}”, ` : ''}{award.author}</span>
              </span>
              <button class="text-sm whitespace-nowrap underline" onclick={() => takeBack(award.id)}
                >Take back</button
              >
            </li>
          {:else}
            <li class="quiet py-1">None were given yet.</li>
          {/each}
        </ul>
      </section>
      <section>
        <div class="flex items-end justify-between">
          <h2>Protected dates</h2>
          <button class="btn btn-sm" onclick={() => (panel = { name: 'PROTECT' })}
            >Protect dates</button
          >
        </div>
        <ul class="mt-1 divide-y divide-base-300" data-protected>
          {#each holidays.protectedDates as dates (dates.id)}
            <li class="flex items-baseline justify-between gap-3 py-1">
              <span>
                {span(dates.starts, dates.ends)}: <strong>{dates.reason}</strong>
                <span class="quiet">{dates.team ?? 'Everybody'}</span>
              </span>
              <button
                class="text-sm whitespace-nowrap underline"
                onclick={() => unprotect(dates.id)}>Take away</button
              >
            </li>
          {:else}
            <li class="quiet py-1">On every day leave can be asked for.</li>
          {/each}
        </ul>
      </section>
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
      first={nextYear}
      fromFile={panel.name === 'FILE'}
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
        awards = given;
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
