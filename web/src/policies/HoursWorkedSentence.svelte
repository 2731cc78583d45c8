<script lang="ts">
  import { untrack } from 'svelte';
  import type { Earning, Unit } from '../api/types';
  import { unitName } from '../common/format';
  import { hoursKinds } from '../frame/hours.svelte';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import { isPercent, toPercent, typedPercent } from './percent';

  let {
    earning = $bindable(),
    unit,
    problemAt,
  }: {
    earning: Extract<Earning, { method: 'per-hours-worked' }>;
    unit: Unit;
    problemAt: string | null;
  } = $props();

  type Way = 'every' | 'percent';
  const WAYS = $derived<[Way, string][]>([
    ['every', `${unitName(unit)} for every`],
    ['percent', '% of the'],
  ]);
  let way = $state<Way>(untrack(() => (isPercent(earning, unit) ? 'percent' : 'every')));
  const percent = $derived(way === 'percent');

  function writeAs(chosen: Way | null) {
    if (chosen === 'percent') toPercent(earning);
    way = chosen ?? way;
  }

  function write(typed: string | null) {
    const figure = unit === 'HOURS' ? typedPercent(typed) : null;
    if (figure !== null) writeAs('percent');
    earning.earn = figure ?? typed;
  }

  const counted = $derived(earning.counts ?? hoursKinds.usual);

  function toggleKind(kind: string) {
    earning.counts = counted.includes(kind)
      ? counted.filter((each) => each !== kind)
      : hoursKinds.names.filter((each) => each === kind || counted.includes(each));
  }
</script>

<Blank
  name="Amount earned"
  field="terms.earning.earn"
  {problemAt}
  bind:value={() => earning.earn, write}
/>
<Choice
  name="How the rate is written"
  choices={unit === 'HOURS' ? WAYS : WAYS.slice(0, 1)}
  bind:value={() => way, writeAs}
/>
{#if !percent}
  <Blank
    name="Hours worked"
    field="terms.earning.forEvery"
    {problemAt}
    bind:value={earning.forEvery}
  />
{/if}
<span>hours worked, posted</span>
<Choice
  name="When hours post"
  choices={[
    ['pay-period-end', 'when each pay period ends'],
    ['day', 'each day'],
  ]}
  bind:value={() => earning.posts ?? 'pay-period-end', (chosen) => (earning.posts = chosen)}
/>{#if !percent};
  <Choice
    name="Left-over hours"
    choices={[
      ['part', 'every hour brings its part'],
      ['whole', 'only whole steps count'],
    ]}
    bind:value={
      () => (earning.wholeStepsOnly ? 'whole' : 'part'),
      (chosen) => (earning.wholeStepsOnly = chosen === 'whole')
    }
  />{/if}.
<fieldset class="mt-1 flex flex-wrap gap-x-4 text-base">
  <legend class="float-left mr-4">Hours that count:</legend>
  {#each hoursKinds.names as kind (kind)}
    <label class="flex items-center gap-1.5">
      <input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={counted.includes(kind)}
        onchange={() => toggleKind(kind)}
      />
      {kind}
    </label>
  {/each}
  <label class="flex items-center gap-1.5">
    <input type="checkbox" class="checkbox checkbox-sm" bind:checked={earning.paidLeaveCounts} /> paid
    leave
  </label>
  <label class="flex items-center gap-1.5">
    <input type="checkbox" class="checkbox checkbox-sm" bind:checked={earning.paidHolidaysCount} /> paid
    holidays
  </label>
</fieldset>
