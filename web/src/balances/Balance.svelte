<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { BalanceDetail } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { amount, day, kindName, longDay, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import StepLine from './StepLine.svelte';

  let { params }: { params: { personId: string; policyId: string } } = $props();

  let detail = $state<BalanceDetail | null>(null);
  let problem = $state<Problem | null>(null);

  $effect(() => {
    const path = { personId: Number(params.personId), policyId: Number(params.policyId) };
    const query = { asOf: asOf.day };
    answer(api.GET('/api/people/{personId}/balances/{policyId}', { params: { path, query } })).then(
      (loaded) => {
        detail = loaded;
        problem = null;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  const facts = $derived(detail ? detail.lines.filter((line) => line.on <= detail!.today) : []);
  const ahead = $derived(detail ? detail.lines.filter((line) => line.on > detail!.today) : []);
</script>

<ProblemNote {problem} />
{#if detail === null}
  {#if !problem}<Waiting what="Working out this balance" />{/if}
{:else}
  {@const figures = detail.figures}
  <div class="flex flex-wrap items-end justify-between gap-4">
    <div>
      <h1>{figures.person}: {figures.policy}</h1>
      <p class="quiet">{figures.team}; figures in {unitName(figures.unit)}</p>
    </div>
    <dl class="flex flex-wrap gap-x-8 gap-y-2 text-right">
      {#each [['Earned this year', figures.earned], ['Used', figures.used], ['Booked', figures.booked], ['Withheld', figures.withheld], ['Available', figures.available]] as [name, value] (name)}
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
  <div class="sheet mt-3 px-2 pt-2"><StepLine {detail} /></div>
  <p class="quiet mt-1 text-sm">
    Solid: what happened. Dashed: forecast, with work as scheduled and leave as booked. Filled
    triangles: time lapses or is paid out. Open triangles: earning withheld.
  </p>

  <div class="mt-4 grid gap-8 xl:grid-cols-2">
    <section class="min-w-0">
      <h2 class="mb-1">What happened</h2>
      {@render ledger([...facts].reverse())}
      <p class="quiet mt-1 text-sm">
        {amount(detail.opening)} before {day(detail.from)}
      </p>
    </section>
    <section class="min-w-0">
      <h2 class="mb-1 text-primary">What is up ahead</h2>
      {@render ledger(ahead)}
    </section>
  </div>
{/if}

{#snippet ledger(lines: BalanceDetail['lines'])}
  <div class="overflow-x-auto">
    <table class="figures">
      <thead>
        <tr>
          <th>Day</th><th>What</th><th class="number">Change</th><th class="number">Balance</th><th
            >Why</th
          >
        </tr>
      </thead>
      <tbody>
        {#each lines as line, index (index)}
          <tr>
            <td class="whitespace-nowrap">{day(line.on)}</td>
            <td class="whitespace-nowrap">{kindName(line.kind)}</td>
            <td class="number"><Amount value={line.amount} change /></td>
            <td class="number"><Amount value={line.balance} /></td>
            <td class="text-sm">{line.why}</td>
          </tr>
        {:else}
          <tr><td colspan="5" class="quiet">Nothing in the months shown.</td></tr>
        {/each}
      </tbody>
    </table>
  </div>
{/snippet}
