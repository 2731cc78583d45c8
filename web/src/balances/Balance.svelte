<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AheadView, BalanceDetail, RunPosting } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { isZero } from '../common/decimal';
  import { amount, day, kindName, longDay, span, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Cause from '../common/Cause.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import { asOf } from '../frame/asof.svelte';
  import Adjust from './Adjust.svelte';
  import AheadList from './AheadList.svelte';
  import Ledger from './Ledger.svelte';
  import StepLine from './StepLine.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params: { personId: string; policyId: string } } = $props();

  let detail = $state<BalanceDetail | null>(null);
  let upcoming = $state<AheadView[]>([]);
  let corrections = $state<RunPosting[]>([]);
  let adjusting = $state(false);
  const work = new Work();

  const path = $derived({ personId: Number(params.personId), policyId: Number(params.policyId) });

  function load(of: typeof path, day: string) {
    const query = { asOf: day };
    Promise.all([
      answer(
        api.GET('/api/people/{personId}/balances/{policyId}', { params: { path: of, query } }),
      ),
      answer(api.GET('/api/people/{personId}/ahead', { params: { path: of, query } })),
      answer(
        api.GET('/api/people/{personId}/balances/{policyId}/corrections', { params: { path: of } }),
      ),
    ]).then(
      ([loaded, items, posted]) => {
        detail = loaded;
        upcoming = items.filter((item) => item.policyId === of.policyId);
        corrections = posted;
        work.problem = null;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  }

  $effect(() => load(path, asOf.day));

  /** The first day of which anything is recorded, where the figures are of a day before it. */
  const begins = $derived(
    detail && detail.asOf < (detail.lines[0]?.on ?? '') && isZero(detail.opening)
      ? detail.lines[0]!.on
      : null,
  );
  const facts = $derived(detail ? detail.lines.filter((line) => line.on <= detail!.today) : []);
  const ahead = $derived(detail ? detail.lines.filter((line) => line.on > detail!.today) : []);
</script>

<ProblemNote problem={work.problem} />
{#if detail === null}
  {#if !work.problem}<Waiting what="Working out this balance" />{/if}
{:else}
  {@const figures = detail.figures}
  <div class="flex flex-wrap items-end justify-between gap-4">
    <div>
      <h1>{figures.person}: {figures.policy}</h1>
      <p class="quiet">{figures.team}; figures in {unitName(figures.unit)}</p>
      {#if session.may('ADJUST_BALANCES')}
        <button class="btn btn-sm mt-2" onclick={() => (adjusting = true)}>Adjust</button>
      {/if}
    </div>
    <dl class="flex flex-wrap gap-x-8 gap-y-2 text-right">
      {#each [['Earned this year', figures.earned], ['Used', figures.used], ['Booked', figures.booked], ['Withheld', figures.withheld], ['Can be asked', figures.askable]] as [name, value] (name)}
        <div>
          <dt class="quiet text-sm">{name}</dt>
          <dd class="text-lg"><Amount value={value!} /></dd>
        </div>
      {/each}
      <div>
        <dt class="quiet text-sm">Balance on {longDay(detail.asOf)}</dt>
        <dd class="text-2xl font-semibold" data-figure="balance">
          <Amount value={figures.balance} />
        </dd>
      </div>
    </dl>
  </div>
  {#if begins}
    <p class="mt-3 border-l-4 border-accent pl-2" data-caveat>
      Nothing of this balance is recorded before {longDay(begins)}; until then every figure is 0.
    </p>
  {/if}
  <div class="sheet mt-3 px-2 pt-2"><StepLine {detail} /></div>
  <p class="quiet mt-1 text-sm">
    Solid: what happened. Dashed: forecast, with work as scheduled and leave as booked. Filled
    triangles: time lapses or is paid out. Open triangles: earning withheld.
  </p>

  <section class="mt-4">
    <h2 class="mb-1 text-primary">What is up ahead</h2>
    <AheadList items={upcoming} withPolicy={false} />
  </section>

  {#if corrections.length > 0}
    <section class="mt-4">
      <h2 class="mb-1">Corrected after a close</h2>
      <table class="figures" data-corrections>
        <thead>
          <tr>
            <th>Posted in the run of</th><th>About</th><th>What</th><th class="number">Change</th
            ><th>Why</th>
          </tr>
        </thead>
        <tbody>
          {#each corrections as each, index (index)}
            <tr>
              <td class="whitespace-nowrap">
                {#if session.may('RUN_PAYROLL')}
                  <a class="underline" href={`#/pay-runs/${each.runId}`}
                    >{span(each.firstDay, each.lastDay)}</a
                  >
                {:else}
                  {span(each.firstDay, each.lastDay)}
                {/if}
              </td>
              <td class="whitespace-nowrap">{day(each.line.about)}</td>
              <td>{each.line.sort === 'REVERSAL' ? 'Reversal' : kindName(each.line.kind)}</td>
              <td class="number"><Amount value={each.line.amount} change /></td>
              <td class="text-sm">
                {each.line.why}
                {#if each.line.cause && session.may('RUN_PAYROLL')}
                  <Cause cause={each.line.cause} />
                {/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </section>
  {/if}

  <div class="mt-4 grid gap-8 xl:grid-cols-2">
    <section class="min-w-0">
      <h2 class="mb-1">What happened</h2>
      <Ledger lines={[...facts].reverse()} of={detail.figures} />
      <p class="quiet mt-1 text-sm">
        {amount(detail.opening)} before {day(detail.from)}
      </p>
    </section>
    <section class="min-w-0">
      <h2 class="mb-1 text-primary">Line by line, forecast</h2>
      <Ledger lines={ahead} />
    </section>
  </div>
  {#if adjusting}
    <Adjust
      {detail}
      close={() => (adjusting = false)}
      done={() => {
        adjusting = false;
        said.say('Adjusted.');
        load(path, asOf.day);
      }}
    />
  {/if}
{/if}
