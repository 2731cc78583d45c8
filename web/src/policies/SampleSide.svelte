<script lang="ts">
  import { soon } from '../common/soon';
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type {
    Organisation,
    Rehearsed,
    RequestRules,
    RuleConflict,
    Terms,
    TermsWords,
    Unit,
  } from '../api/types';
  import { balanceOn, steps } from '../balances/steps';
  import Amount from '../common/Amount.svelte';
  import Chart from '../common/charts/Chart.svelte';
  import { axis, isoOf, type Look, tooltip } from '../common/charts/look';
  import { amount, day, kindName, longDay, unitName } from '../common/format';
  import { latest } from '../common/latest';
  import { session } from '../frame/session.svelte';
  import { type Example, read, tellingDays } from './examples/example';
  import PersonPicker from '../people/PersonPicker.svelte';

  let {
    terms,
    unit,
    benefitYear,
    rules,
    policyId = null,
    keep,
    problem = $bindable(),
    conflicts = $bindable(),
    words = $bindable(null),
  }: {
    terms: Terms;
    unit: Unit;
    benefitYear: string;
    rules: RequestRules;
    /** The policy that is changed, null for one that is not kept yet. */
    policyId?: number | null;
    /** Takes what is rehearsed as an example, with the days whose figures are wanted. */
    keep?: (example: Example) => void;
    problem: Problem | null;
    conflicts: RuleConflict[];
    /** The text as it stands, in words; null while they are not known. */
    words?: TermsWords | null;
  } = $props();

  let hired = $state(session.current.today);
  let hoursADay = $state('8');
  let personId = $state<number | null>(null);
  let payGroups = $state<Organisation['payGroups']>([]);
  let chosenPayGroup = $state<number | null>(null);
  const payGroupId = $derived(
    chosenPayGroup ?? payGroups.find((each) => each.name === rehearsed?.payGroup)?.id ?? null,
  );
  let rehearsed = $state<Rehearsed | null>(null);
  const ask = latest<Rehearsed>();

  $effect(() => {
    answer(api.GET('/api/organisation')).then(
      (organisation) => (payGroups = organisation.payGroups),
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  $effect(() => {
    const body = {
      unit,
      benefitYear,
      terms: $state.snapshot(terms) as Terms,
      rules: $state.snapshot(rules) as RequestRules,
    };
    void [hired, hoursADay, personId, chosenPayGroup];
    return soon(() => {
      ask(
        answer(
          personId === null
            ? api.POST('/api/policies/rehearsal', {
                body: { ...body, hired, hoursADay, policyId, payGroupId: chosenPayGroup },
              })
            : api.POST('/api/policies/rehearsal/person', {
                body: { ...body, personId, policyId },
              }),
        ),
        (result) => {
          rehearsed = result;
          conflicts = result.conflicts;
          words = result.words;
          problem = null;
        },
        (thrown) => (problem = Problem.of(thrown)),
      );
    }, 200);
  });

  /** The person who is rehearsed, as an example, with the days that tell most. */
  async function take() {
    if (!rehearsed) return;
    const body = {
      unit,
      benefitYear,
      terms: $state.snapshot(terms) as Terms,
      rules: $state.snapshot(rules) as RequestRules,
      policyId,
    };
    const name = personId === null ? `Hired on ${longDay(hired)}` : 'As somebody real';
    const query = { query: { name } };
    try {
      const { written } = await answer(
        personId === null
          ? api.POST('/api/policies/rehearsal/example', {
              params: query,
              body: { ...body, hired, hoursADay, payGroupId: chosenPayGroup },
            })
          : api.POST('/api/policies/rehearsal/person/example', {
              params: query,
              body: { ...body, personId },
            }),
      );
      keep!({
        ...read(written),
        expect: tellingDays(rehearsed.from, rehearsed.through, benefitYear).map((asOf) => ({
          asOf,
        })),
      });
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }

  const option = $derived((look: Look) => ({
    grid: { left: 40, right: 10, top: 10, bottom: 22 },
    xAxis: { type: 'time' as const, ...axis(look) },
    yAxis: { type: 'value' as const, ...axis(look), axisLine: { show: false } },
    tooltip: {
      ...tooltip(look),
      trigger: 'axis' as const,
      axisPointer: { snap: false },
      formatter: (points: { axisValue: number }[]) => {
        const on = isoOf(points[0]!.axisValue);
        return `${day(on)}: ${amount(balanceOn(rehearsed!.lines, rehearsed!.opening, on))}`;
      },
    },
    series: [
      {
        type: 'line' as const,
        step: 'end' as const,
        symbol: 'none',
        lineStyle: { color: look.ahead, width: 2, type: 'dashed' as const },
        data: steps(rehearsed!.lines, rehearsed!.opening, rehearsed!.from, rehearsed!.through),
      },
    ],
  }));
</script>

<section
  class="sheet self-start border-t-4 border-t-primary p-4"
  aria-label="Two years under these words"
>
  <h2>Two years under these words</h2>
  <div class="mt-1 flex items-start gap-2">
    <span class="mt-1">Of</span>
    <PersonPicker
      bind:chosen={personId}
      name={null}
      label="A real person"
      nobody="a sample person"
    />
  </div>
  <p class="mt-1" hidden={personId !== null}>
    Somebody hired on
    <DateField
      class="border-b border-base-content/40 bg-transparent"
      label="Sample hire date"
      bind:value={hired}
    />
    who works
    <input
      class="w-10 border-b border-base-content/40 bg-transparent text-center"
      aria-label="Sample hours a day"
      bind:value={hoursADay}
    />
    hours from Monday to Friday{#if payGroups.length > 0}, paid with
      <select
        class="border-b border-base-content/40 bg-transparent"
        aria-label="Sample pay group"
        bind:value={() => payGroupId, (chosen) => (chosenPayGroup = chosen)}
      >
        {#each payGroups as group (group.id)}
          <option value={group.id}>{group.name}</option>
        {/each}
      </select>{/if}
  </p>
  {#if rehearsed}
    <div class={['my-2', problem && 'opacity-40']}>
      <Chart
        label={`Balance over two years, ${amount(rehearsed.closing)} at their end`}
        height={150}
        {option}
      />
    </div>
    <dl class="grid grid-cols-[1fr_auto] gap-x-4">
      <dt>Earned</dt>
      <dd class="text-right"><Amount value={rehearsed.earned} /></dd>
      <dt>Withheld at limits</dt>
      <dd class="text-right"><Amount value={rehearsed.withheld} /></dd>
      <dt>Lapsed</dt>
      <dd class="text-right"><Amount value={rehearsed.lapsed} /></dd>
      <dt class="font-semibold">After two years without leave</dt>
      <dd class="text-right font-semibold" data-sample-closing>
        <Amount value={rehearsed.closing} />
        {unitName(unit)}
      </dd>
      <dt>Can be used from</dt>
      <dd class="text-right">{day(rehearsed.useBegins)}</dd>
    </dl>
    {#if keep}
      <button class="btn mt-2 btn-sm" disabled={problem !== null} onclick={take}
        >Keep this as an example</button
      >
    {/if}
    <details class="mt-2">
      <summary class="cursor-pointer">Line by line</summary>
      <div class="max-h-72 overflow-y-auto">
        <table class="figures text-sm">
          <tbody>
            {#each rehearsed.lines as line, index (index)}
              <tr title={line.why}>
                <td class="whitespace-nowrap">{day(line.on)}</td>
                <td>{kindName(line.kind)}</td>
                <td class="number"><Amount value={line.amount} change /></td>
                <td class="number"><Amount value={line.balance} /></td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    </details>
  {/if}
</section>
