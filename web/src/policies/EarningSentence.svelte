<script lang="ts">
  import type { Earning, Unit } from '../api/types';
  import { unitName } from '../common/format';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import HoursWorkedSentence from './HoursWorkedSentence.svelte';
  import { earnedAmount } from './terms';

  let {
    earning = $bindable(),
    unit,
    problemAt,
  }: { earning: Earning; unit: Unit; problemAt: string | null } = $props();

  const units = $derived(unitName(unit));

  type Method = Earning['method'];

  /** What each method is called, and what it says at first around an amount. */
  const METHODS: {
    [M in Method]: { words: string; begin: (amount: string) => Extract<Earning, { method: M }> };
  } = {
    'per-hours-worked': {
      words: 'by the hours they work',
      begin: (amount) => ({
        method: 'per-hours-worked',
        earn: amount,
        forEvery: '30',
        wholeStepsOnly: false,
        counts: null,
        paidLeaveCounts: false,
        paidHolidaysCount: false,
        posts: 'pay-period-end',
      }),
    },
    upfront: {
      words: 'at once, each benefit year',
      begin: (amount) => ({ method: 'upfront', amount, firstYear: 'by-days' }),
    },
    'per-period': {
      words: 'bit by bit',
      begin: (amount) => ({
        method: 'per-period',
        amount,
        perYear: null,
        every: 'month',
        posts: 'end',
        months: 'calendar',
        partial: 'by-days',
      }),
    },
    none: { words: 'only by awards', begin: () => ({ method: 'none' }) },
  };
  const CHOICES = Object.entries(METHODS).map(
    ([method, { words }]) => [method, words] as [Method, string],
  );

  /** What was said under a method is there again when it is chosen again. */
  const before: Partial<Record<Method, Earning>> = {};

  function choose(chosen: Method | null) {
    if (chosen === null) return;
    before[earning.method] = $state.snapshot(earning) as Earning;
    earning = before[chosen] ?? METHODS[chosen].begin(earnedAmount(earning) ?? '1');
  }

  function unknown(method: never): string {
    return method;
  }
</script>

People earn
<Choice
  name="How time is earned"
  choices={CHOICES}
  bind:value={() => earning.method, choose}
/>{earning.method === 'none' ? '.' : ':'}
{#if earning.method === 'per-hours-worked'}
  <HoursWorkedSentence bind:earning {unit} {problemAt} />
{:else if earning.method === 'upfront'}
  <Blank
    name="Amount granted"
    field="terms.earning.amount"
    {problemAt}
    bind:value={earning.amount}
  />
  {units} on the first day of the benefit year; someone who starts later in it gets
  <Choice
    name="First year"
    choices={[
      ['by-days', 'a part by the days left'],
      ['by-months', 'a part by the months begun'],
      ['full', 'the whole amount'],
    ]}
    bind:value={earning.firstYear}
  />.
{:else if earning.method === 'per-period'}
  {@const own = earning}
  <Blank
    name="Amount earned"
    field={own.perYear === null ? 'terms.earning.amount' : 'terms.earning.perYear'}
    {problemAt}
    bind:value={
      () => own.amount ?? own.perYear,
      (figure) => {
        if (own.perYear === null) own.amount = figure;
        else own.perYear = figure ?? '';
      }
    }
  />
  {units}
  <Choice
    name="Amount of a period or a year"
    choices={[
      ['year', 'a year, a share'],
      ['period', 'at each turn,'],
    ]}
    bind:value={
      () => (own.perYear === null ? 'period' : 'year'),
      (chosen) => {
        const figure = own.amount ?? own.perYear ?? '';
        own.amount = chosen === 'year' ? null : figure;
        own.perYear = chosen === 'year' ? figure : null;
      }
    }
  />
  <Choice
    name="How often"
    choices={[
      ['pay-period', 'each pay period'],
      ['month', 'each month'],
      ['day', 'each day'],
    ]}
    bind:value={own.every}
  />{#if own.every === 'month'}
    <Choice
      name="Where months begin"
      choices={[
        ['calendar', 'of the calendar'],
        ['from-hire', 'counted from the hire date'],
      ]}
      bind:value={own.months}
    />{/if}{#if own.every !== 'day'}, at its
    <Choice
      name="When it posts"
      choices={[
        ['start', 'start'],
        ['end', 'end'],
      ]}
      bind:value={own.posts}
    />; one that is covered only in part brings
    <Choice
      name="Share of a partial period"
      choices={[
        ['by-days', 'its part by days'],
        ['full', 'its whole share'],
        ['none', 'nothing'],
      ]}
      bind:value={own.partial}
    />{/if}.
{:else if earning.method !== 'none'}
  {unknown(earning)}
{/if}
