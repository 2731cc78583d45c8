<script lang="ts">
  import { answer, api } from '../api/client';
  import type { ProofReport } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import Cause from '../common/Cause.svelte';
  import Downloads from '../common/Downloads.svelte';
  import { counted, day, longDay, unitName } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  let report = $state<ProofReport | null>(null);
  const work = new Work();

  async function prove() {
    await work.do(async () => {
      report = await answer(api.GET('/api/proof'));
      work.problem = null;
    });
  }

  $effect(() => {
    void prove();
  });

  const unexplained = $derived(
    report?.differences.filter((each) => each.causes.length === 0) ?? [],
  );
  const late = $derived(report?.differences.filter((each) => each.causes.length > 0) ?? []);
</script>

<div class="mb-3 flex flex-wrap items-start justify-between gap-4">
  <div>
    <h1>Proof</h1>
    <p class="quiet max-w-3xl">
      Every balance is derived afresh from the facts, date by date, and compared with what the
      closed runs posted.
    </p>
  </div>
  <div class="flex gap-3">
    {#if report && report.differences.length > 0}
      <Downloads path="/api/proof/table" />
    {/if}
    <button class="btn btn-primary" disabled={work.busy} onclick={prove}>Prove again</button>
  </div>
</div>
<ProblemNote problem={work.problem} />
{#if report === null || work.busy}
  {#if !work.problem}<Waiting what="Deriving every balance afresh" />{/if}
{:else}
  <div
    class={[
      'mb-4 border-l-4 bg-base-200 px-4 py-3 text-lg',
      unexplained.length + report.missing.length === 0
        ? 'border-secondary dark:border-info'
        : 'border-error',
    ]}
    data-proof
  >
    {#if report.missing.length > 0}
      <strong>Something that was posted is no longer there.</strong> Put back a backup of the data.
      <ul class="mt-1 list-disc pl-6 text-base">
        {#each report.missing as each (each)}<li>{each}</li>{/each}
      </ul>
    {:else if unexplained.length > 0}
      <strong
        >{counted(unexplained.length, 'balance')} differ and no late change explains it.</strong
      >
      Please look at them before closing anything.
    {:else if late.length > 0}
      <strong>Posted is derived</strong>, but for {counted(late.length, 'balance')} with late changes,
      which the next close corrects.
    {:else}
      <strong>Posted is derived</strong>, for everybody and every date.
    {/if}
  </div>
  <table class="figures mb-6 max-w-3xl">
    <thead>
      <tr>
        <th>Pay group</th><th>Closed through</th><th class="number">People</th><th class="number"
          >Balances</th
        ><th class="number">Proved</th>
      </tr>
    </thead>
    <tbody>
      {#each report.groups as group (group.payGroup)}
        <tr>
          <td>{group.payGroup}</td>
          <td>{group.closedThrough ? longDay(group.closedThrough) : 'no run is closed yet'}</td>
          <td class="number">{group.people}</td>
          <td class="number">{group.accounts}</td>
          <td class="number font-semibold">{group.proved}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  {#if report.differences.length > 0}
    <h2 class="mb-1">Differences</h2>
    <table class="figures" use:listKeys>
      <thead>
        <tr>
          <th>Person</th><th>Policy</th><th>Unit</th><th class="number">Posted</th><th
            class="number">Derived now</th
          ><th>From</th><th>Because</th>
        </tr>
      </thead>
      <tbody>
        {#each [...unexplained, ...late] as each (`${each.personId}/${each.policyId}`)}
          <tr>
            <td>
              <a data-row class="underline" href={`#/balances/${each.personId}/${each.policyId}`}
                >{each.person}</a
              >
            </td>
            <td>{each.policy}</td>
            <td class="quiet">{unitName(each.unit)}</td>
            <td class="number"><Amount value={each.posted} /></td>
            <td class="number"><Amount value={each.derived} /></td>
            <td class="whitespace-nowrap">{day(each.about)}</td>
            <td>
              {#if each.causes.length > 0}
                {#each each.causes as cause (cause.id)}
                  <span class="block">{cause.what}. <Cause {cause} policyId={each.policyId} /></span
                  >
                {/each}
              {:else}
                <strong>Not explained</strong>
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
{/if}
