<script lang="ts">
  import type { Terms, Unit } from '../api/types';
  import { unitName } from '../common/format';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import HoursWorkedSentence from './HoursWorkedSentence.svelte';

  let {
    earning = $bindable(),
    unit,
    problemAt,
  }: { earning: Terms['earning']; unit: Unit; problemAt: string | null } = $props();

  const units = $derived(unitName(unit));
  const method = $derived(earning.method);

  const METHODS: [Terms['earning']['method'], string][] = [
    ['PER_HOURS_WORKED', 'by the hours they work'],
    ['UPFRONT', 'at once, each benefit year'],
    ['PER_PERIOD', 'bit by bit'],
    ['NONE', 'only by awards'],
  ];
  function chooseMethod(chosen: Terms['earning']['method'] | null) {
    if (chosen === null) return;
    earning.method = chosen;
    if (chosen === 'PER_HOURS_WORKED') earning.forEvery ??= '30';
    if (chosen === 'UPFRONT') earning.firstYear ??= 'BY_DAYS';
    if (chosen === 'PER_PERIOD') {
      earning.every ??= 'MONTH';
      earning.posts ??= 'END';
      earning.months ??= 'CALENDAR';
      earning.partial ??= 'BY_DAYS';
    }
    if (chosen !== 'NONE') earning.amount ??= '1';
  }
</script>

People earn
<Choice
  name="How time is earned"
  choices={METHODS}
  bind:value={() => earning.method, chooseMethod}
/>{method === 'NONE' ? '.' : ':'}
{#if method === 'PER_HOURS_WORKED'}
  <HoursWorkedSentence bind:earning {unit} {problemAt} />
{:else if method === 'UPFRONT'}
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
      ['BY_DAYS', 'a part by the days left'],
      ['BY_MONTHS', 'a part by the months begun'],
      ['FULL', 'the whole amount'],
    ]}
    bind:value={earning.firstYear}
  />.
{:else if method === 'PER_PERIOD'}
  <Blank
    name="Amount earned"
    field="terms.earning.amount"
    {problemAt}
    bind:value={earning.amount}
  />
  {units}
  <Choice
    name="Amount of a period or a year"
    choices={[
      ['year', 'a year, a share'],
      ['period', 'at each turn,'],
    ]}
    bind:value={
      () => (earning.perYear ? 'year' : 'period'), (chosen) => (earning.perYear = chosen === 'year')
    }
  />
  <Choice
    name="How often"
    choices={[
      ['PAY_PERIOD', 'each pay period'],
      ['MONTH', 'each month'],
      ['DAY', 'each day'],
    ]}
    bind:value={earning.every}
  />{#if earning.every === 'MONTH'}
    <Choice
      name="Where months begin"
      choices={[
        ['CALENDAR', 'of the calendar'],
        ['FROM_HIRE', 'counted from the hire date'],
      ]}
      bind:value={earning.months}
    />{/if}{#if earning.every !== 'DAY'}, at its
    <Choice
      name="When it posts"
      choices={[
        ['START', 'start'],
        ['END', 'end'],
      ]}
      bind:value={earning.posts}
    />; one that is covered only in part brings
    <Choice
      name="Share of a partial period"
      choices={[
        ['BY_DAYS', 'its part by days'],
        ['FULL', 'its whole share'],
        ['NONE', 'nothing'],
      ]}
      bind:value={earning.partial}
    />{/if}.
{/if}
