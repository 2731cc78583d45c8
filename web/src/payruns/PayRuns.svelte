<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import type { PayRun, Road } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, span, words } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road as chosenRoad } from '../frame/road.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let runs = $state<PayRun[] | null>(null);
  let leavers = $state<PayRun[]>([]);
  let group = $state('');
  let payGroupId = $state<number | null>(null);
  let firstDay = $state(session.current.today);
  const work = new Work();

  async function load(chosen: number | null) {
    await work.do(async () => {
      const road: Road = await answer(
        api.GET('/api/road', { params: { query: chosen === null ? {} : { payGroupId: chosen } } }),
      );
      group = road.payGroup ?? '';
      payGroupId = road.payGroupId;
      runs =
        road.payGroupId === null
          ? []
          : await answer(
              api.GET('/api/pay-runs', { params: { query: { payGroupId: road.payGroupId } } }),
            );
      leavers =
        road.payGroupId === null
          ? []
          : await answer(
              api.GET('/api/leaver-runs', { params: { query: { payGroupId: road.payGroupId } } }),
            );
    });
  }

  async function begin(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      runs = await answer(
        api.POST('/api/pay-runs', { body: { payGroupId: payGroupId!, day: firstDay } }),
      );
      chosenRoad.changed();
    });
  }

  $effect(() => {
    void load(chosenRoad.payGroupId);
  });
</script>

<div class="mb-4 flex flex-wrap items-start justify-between gap-4">
  <div>
    <h1 class="mb-1">Pay runs</h1>
    <p class="quiet">{group}. Another pay group is chosen on the road above.</p>
  </div>
  <div class="flex flex-wrap gap-3">
    <a class="btn btn-ghost" href="#/payroll-inbox">Payroll’s inbox</a>
    <a class="btn" href="#/proof">Prove every balance</a>
  </div>
</div>
<ProblemNote problem={work.problem} />
{#if runs === null}
  {#if !work.problem}<Waiting what="Fetching pay runs" />{/if}
{:else if runs.length === 0}
  <Empty>
    {#if payGroupId === null}
      <p>
        There is no pay group yet. <a class="underline" href="#/people/organisation"
          >Add the first</a
        >.
      </p>
    {:else}
      <form class="flex flex-wrap items-end justify-center gap-3" onsubmit={begin}>
        <label class="text-left">
          <span class="block font-semibold">The first run of {group} holds</span>
          <DateField class="input w-44" name="first-day" bind:value={firstDay} />
        </label>
        <button class="btn btn-primary" disabled={!firstDay}>Begin with that period</button>
      </form>
      <p class="quiet mt-2">What lies before it comes in as opening balances.</p>
    {/if}
  </Empty>
{:else}
  <table class="figures max-w-3xl" use:listKeys>
    <thead
      ><tr
        ><th>Period</th><th>Paid on</th><th>State</th><th>Closed</th><th
          ><span class="sr-only">What can be done</span></th
        ></tr
      ></thead
    >
    <tbody>
      {#each runs as run (run.id)}
        <tr>
          <td>
            <a data-row class="font-semibold underline" href={`#/pay-runs/${run.id}`}
              >{span(run.firstDay, run.lastDay)}</a
            >
            {#each leavers.filter((each) => each.firstDay === run.firstDay && each.closings > 0) as leaver (leaver.id)}
              <a class="block text-sm underline" href={`#/pay-runs/${leaver.id}`}
                >one leaver, {words(leaver.state).toLowerCase()}</a
              >
            {/each}
          </td>
          <td>{day(run.paysOn)}</td>
          <td class="font-semibold">{words(run.state)}</td>
          <td>{run.closedAt ? `${day(run.closedAt)} by ${run.closedBy}` : ''}</td>
          <td>
            {#if run.state === 'CLOSED'}
              <a class="underline" href={`/api/pay-runs/${run.id}/hand-over.csv`} download
                >Hand-over CSV</a
              >
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
