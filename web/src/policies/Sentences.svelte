<script lang="ts">
  import { X } from '@lucide/svelte';
  import type { Snippet } from 'svelte';
  import type { Problem } from '../api/problem';
  import type { Terms, Unit } from '../api/types';
  import { unitName } from '../common/format';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import { RULES_TO_ADD } from './terms';

  let {
    terms = $bindable(),
    unit,
    problem,
  }: { terms: Terms; unit: Unit; problem: Problem | null } = $props();

  const units = $derived(unitName(unit));
  const at = $derived(problem?.field ?? null);
  const toAdd = $derived(Object.entries(RULES_TO_ADD).filter(([, rule]) => !rule.has(terms)));
  const method = $derived(terms.earning.method);

  const METHODS: [Terms['earning']['method'], string][] = [
    ['PER_HOURS_WORKED', 'by the hours they work'],
    ['UPFRONT', 'at once, each benefit year'],
    ['PER_PERIOD', 'bit by bit'],
    ['NONE', 'only by awards'],
  ];
  const TIMES: ['DAYS' | 'MONTHS', string][] = [
    ['DAYS', 'days'],
    ['MONTHS', 'months'],
  ];

  function chooseMethod(chosen: Terms['earning']['method'] | null) {
    if (chosen === null) return;
    terms.earning.method = chosen;
    if (chosen === 'PER_HOURS_WORKED') terms.earning.forEvery ??= '30';
    if (chosen === 'UPFRONT') terms.earning.firstYear ??= 'BY_DAYS';
    if (chosen === 'PER_PERIOD') {
      terms.earning.every ??= 'MONTH';
      terms.earning.posts ??= 'END';
      terms.earning.months ??= 'CALENDAR';
      terms.earning.partial ??= 'BY_DAYS';
    }
    if (chosen !== 'NONE') terms.earning.amount ??= '1';
  }

  function add(key: string) {
    RULES_TO_ADD[key]?.add(terms);
  }
</script>

{#snippet rule(key: string, body: Snippet)}
  {#if RULES_TO_ADD[key]!.has(terms)}
    <li class="group">
      {@render body()}
      <button
        class="ml-1 align-middle opacity-50 hover:opacity-100 focus:opacity-100"
        aria-label={`Take away: ${RULES_TO_ADD[key]!.name}`}
        onclick={() => RULES_TO_ADD[key]!.remove(terms)}><X size={14} aria-hidden="true" /></button
      >
      {@render wrong(`terms.${key}`)}
    </li>
  {/if}
{/snippet}

{#snippet wrong(field: string)}
  {#if at === field}
    <p role="alert" class="border-l-4 border-error pl-2 text-base text-error">{problem?.message}</p>
  {/if}
{/snippet}

<ul class="max-w-2xl space-y-2.5 text-lg leading-relaxed">
  <li>
    People earn
    <Choice
      name="How time is earned"
      choices={METHODS}
      bind:value={() => terms.earning.method, chooseMethod}
    />{method === 'NONE' ? '.' : ':'}
    {#if method === 'PER_HOURS_WORKED'}
      <Blank
        name="Amount earned"
        field="terms.earning.amount"
        problemAt={at}
        bind:value={terms.earning.amount}
      />
      {units} for every
      <Blank
        name="Hours worked"
        field="terms.earning.forEvery"
        problemAt={at}
        bind:value={terms.earning.forEvery}
      />
      hours worked, posted when each pay period ends.
    {:else if method === 'UPFRONT'}
      <Blank
        name="Amount granted"
        field="terms.earning.amount"
        problemAt={at}
        bind:value={terms.earning.amount}
      />
      {units} on the first day of the benefit year; someone who starts later in it gets
      <Choice
        name="First year"
        choices={[
          ['BY_DAYS', 'a part by the days left'],
          ['BY_MONTHS', 'a part by the months begun'],
          ['FULL', 'the whole amount'],
        ]}
        bind:value={terms.earning.firstYear}
      />.
    {:else if method === 'PER_PERIOD'}
      <Blank
        name="Amount earned"
        field="terms.earning.amount"
        problemAt={at}
        bind:value={terms.earning.amount}
      />
      {units}
      <Choice
        name="Amount of a period or a year"
        choices={[
          ['year', 'a year, a share'],
          ['period', 'at each turn,'],
        ]}
        bind:value={
          () => (terms.earning.perYear ? 'year' : 'period'),
          (chosen) => (terms.earning.perYear = chosen === 'year')
        }
      />
      <Choice
        name="How often"
        choices={[
          ['PAY_PERIOD', 'each pay period'],
          ['MONTH', 'each month'],
          ['DAY', 'each day'],
        ]}
        bind:value={terms.earning.every}
      />{#if terms.earning.every !== 'DAY'}, at its
        <Choice
          name="When it posts"
          choices={[
            ['START', 'start'],
            ['END', 'end'],
          ]}
          bind:value={terms.earning.posts}
        />{/if}.
    {/if}
    {@render wrong('terms.earning.amount')}
    {@render wrong('terms.earning.forEvery')}
  </li>

  {#snippet tenure()}
    {#each terms.tenure ?? [] as band, index (index)}
      {index === 0 ? 'From' : ', from'}
      <Blank name="Years of service" bind:value={band.fromYears} /> years of service on it is
      <Blank
        name="Amount with tenure"
        field="terms.tenure"
        problemAt={at}
        bind:value={band.amount}
      />
      instead{/each}.
    <button
      class="text-base underline"
      onclick={() => {
        const bands = terms.tenure ?? [];
        const before = bands.at(-1);
        terms.tenure = [
          ...bands,
          { fromYears: (before?.fromYears ?? 0) + 5, amount: before?.amount ?? '1' },
        ];
      }}>another step</button
    >
  {/snippet}
  {@render rule('tenure', tenure)}

  {#snippet waitToEarn()}
    Earning begins
    <Blank name="Wait before earning" bind:value={terms.waitToEarn!.count} />
    <Choice
      name="Days or months before earning"
      choices={TIMES}
      bind:value={terms.waitToEarn!.in}
    /> after the hire date.
  {/snippet}
  {@render rule('waitToEarn', waitToEarn)}

  {#snippet waitToUse()}
    Time can be used
    <Blank name="Wait before use" bind:value={terms.waitToUse!.count} />
    <Choice name="Days or months before use" choices={TIMES} bind:value={terms.waitToUse!.in} /> after
    the hire date.
  {/snippet}
  {@render rule('waitToUse', waitToUse)}

  {#snippet balanceLimit()}
    Nobody holds more than
    <Blank
      name="Balance limit"
      field="terms.balanceLimit"
      problemAt={at}
      bind:value={terms.balanceLimit}
    />
    {units}; what would go over it is withheld.
  {/snippet}
  {@render rule('balanceLimit', balanceLimit)}

  {#snippet earnedPerYearLimit()}
    In a benefit year at most
    <Blank
      name="Earned a year"
      field="terms.earnedPerYearLimit"
      problemAt={at}
      bind:value={terms.earnedPerYearLimit}
    />
    {units} are earned.
  {/snippet}
  {@render rule('earnedPerYearLimit', earnedPerYearLimit)}

  {#snippet usedPerYearLimit()}
    In a benefit year at most
    <Blank
      name="Used a year"
      field="terms.usedPerYearLimit"
      problemAt={at}
      bind:value={terms.usedPerYearLimit}
    />
    {units} may be used.
  {/snippet}
  {@render rule('usedPerYearLimit', usedPerYearLimit)}

  {#snippet overdraw()}
    A request may take the balance down to
    <Blank name="Overdraw" field="terms.overdraw" problemAt={at} bind:value={terms.overdraw} />
    {units} below zero.
  {/snippet}
  {@render rule('overdraw', overdraw)}

  {#snippet carry()}
    At the year’s end up to
    <Blank name="Carried over" field="terms.carry" problemAt={at} bind:value={terms.carry} />
    {units} are carried over; the rest
    <Choice
      name="What becomes of the rest"
      choices={[
        ['LAPSE', 'lapses'],
        ['PAY_OUT', 'is paid out'],
      ]}
      bind:value={terms.excess}
    />.
  {/snippet}
  {@render rule('carry', carry)}

  {#snippet carriedUsable()}
    Carried time can be used until
    {#if terms.carriedUsable!.time === null}
      <Blank
        wide
        name="Last day for carried time, month and day"
        field="terms.carriedUsable"
        problemAt={at}
        bind:value={terms.carriedUsable!.until}
      />
      <span class="quiet text-base">(month and day)</span>.
    {:else}
      <Blank name="Time for carried time" bind:value={terms.carriedUsable!.time.count} />
      <Choice
        name="Days or months for carried time"
        choices={TIMES}
        bind:value={terms.carriedUsable!.time.in}
      />
      have passed.
    {/if}
  {/snippet}
  {@render rule('carriedUsable', carriedUsable)}

  {#snippet creditsUsable()}
    Each credit must be used within
    <Blank name="Time for each credit" bind:value={terms.creditsUsable!.count} />
    <Choice
      name="Days or months for each credit"
      choices={TIMES}
      bind:value={terms.creditsUsable!.in}
    />.
  {/snippet}
  {@render rule('creditsUsable', creditsUsable)}

  <li>
    Whoever leaves
    <Choice
      name="On leaving"
      choices={[
        ['LAPSE', 'loses what is left'],
        ['PAY_OUT', 'is paid what is left'],
      ]}
      bind:value={terms.onLeaving}
    />.
  </li>
</ul>
{#if toAdd.length > 0}
  <select
    class="select mt-4 w-72"
    aria-label="Add a rule"
    value=""
    onchange={(event) => {
      add(event.currentTarget.value);
      event.currentTarget.value = '';
    }}
  >
    <option value="">+ add a rule</option>
    {#each toAdd as [key, offered] (key)}
      <option value={key}>{offered.name}</option>
    {/each}
  </select>
{/if}
