<script lang="ts">
  import { onDestroy } from 'svelte';
  import { answer, api } from '../api/client';
  import type { Organisation, Policy } from '../api/types';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import DateField from '../common/DateField.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import UnreadRows from '../common/UnreadRows.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { EMPLOYMENT_TYPES } from '../people/employment';
  import AdjustedTogether from './AdjustedTogether.svelte';
  import { Adjusting } from './adjusting.svelte';
  import AdjustmentEffects from './AdjustmentEffects.svelte';

  const adjusting = new Adjusting();
  const { work } = adjusting;

  let organisation = $state<Organisation | null>(null);
  let policies = $state<Policy[]>([]);

  onDestroy(() => adjusting.progress.end());

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
    answer(api.GET('/api/policies')).then((loaded) => {
      policies = loaded.filter((each) => !each.recordedOnly && each.people > 0);
      adjusting.award.policyId ??= policies[0]?.id ?? null;
    });
  });

  const policy = $derived(policies.find((each) => each.id === adjusting.award.policyId));

  $effect(() => adjusting.keep());

  function look(event: SubmitEvent) {
    event.preventDefault();
    void adjusting.lookAtAward();
  }
</script>

<h1 class="mb-1">Adjust many balances</h1>
<p class="quiet mb-4 max-w-3xl">
  The same for many, or corrections from a list. What every balance would become is shown before
  anything is done, and all of it can be taken back in one go.
</p>
<form class="sheet mb-4 grid gap-x-5 gap-y-3 p-4 sm:grid-cols-2 lg:grid-cols-4" onsubmit={look}>
  <label>
    <span class="block text-sm font-semibold">Policy</span>
    <select class="select w-full" name="policy" bind:value={adjusting.award.policyId}>
      {#each policies as each (each.id)}<option value={each.id}>{each.name}</option>{/each}
    </select>
  </label>
  <label>
    <span class="block text-sm font-semibold">Day</span>
    <DateField class="input w-full" name="on" bind:value={adjusting.award.on} />
  </label>
  <label>
    <span class="block text-sm font-semibold"
      >Change in {policy ? unitName(policy.unit) : 'hours or days'}</span
    >
    <input
      class={[
        'input w-full',
        adjusting.award.amount !== '' && adjusting.amount === null && 'input-error',
      ]}
      name="amount"
      inputmode="decimal"
      placeholder="such as 4.5 or −2"
      bind:value={adjusting.award.amount}
    />
  </label>
  <label class="flex items-center gap-2 sm:pt-5">
    <input type="checkbox" class="checkbox checkbox-sm" bind:checked={adjusting.award.byFte} />
    in proportion to the full-time equivalent
  </label>
  <label>
    <span class="block text-sm font-semibold">Team</span>
    <select class="select w-full" aria-label="Team" bind:value={adjusting.award.teamId}>
      <option value="">All teams</option>
      {#each organisation?.teams ?? [] as team (team.id)}
        <option value={String(team.id)}>{team.name}</option>
      {/each}
    </select>
  </label>
  <label>
    <span class="block text-sm font-semibold">Site</span>
    <select class="select w-full" aria-label="Site" bind:value={adjusting.award.siteId}>
      <option value="">All sites</option>
      {#each organisation?.sites ?? [] as site (site.id)}
        <option value={String(site.id)}>{site.name}</option>
      {/each}
    </select>
  </label>
  <label>
    <span class="block text-sm font-semibold">Employed as</span>
    <select
      class="select w-full"
      aria-label="Employed as"
      bind:value={adjusting.award.employmentType}
    >
      <option value="">Any</option>
      {#each EMPLOYMENT_TYPES as [type, name] (type)}<option value={type}>{name}</option>{/each}
    </select>
  </label>
  <label>
    <span class="block text-sm font-semibold">Why</span>
    <input class="input w-full" name="reason" maxlength="300" bind:value={adjusting.award.reason} />
  </label>
  <div class="sm:col-span-2 lg:col-span-4">
    <button
      class={['btn', adjusting.effects === null && 'btn-primary']}
      disabled={work.busy ||
        adjusting.amount === null ||
        adjusting.award.reason.trim() === '' ||
        adjusting.award.policyId === null}>Look at what would become of them</button
    >
  </div>
</form>
<details class="mb-4">
  <summary class="cursor-pointer font-semibold">Corrections from a file or a spreadsheet</summary>
  <p class="quiet my-2 max-w-3xl">
    One row a change: the person by code, name or e-mail address, and the change; policy, day and
    why where you have them, else those chosen above.
  </p>
  <FileOrPaste chosen={(file) => adjusting.read(file)} what="adjustments" />
  {#if adjusting.found}
    <p class="quiet mt-2">Read as {adjusting.found.encoding}.</p>
    <ColumnsRead
      read={adjusting.found}
      reading={adjusting.how}
      again={() => adjusting.readAgain()}
    />
  {/if}
</details>
<ProblemNote problem={work.problem} />
{#if adjusting.progress.step && adjusting.progress.step.of > 0}
  {@const step = adjusting.progress.step}
  <p class="quiet" role="status">{step.what}: {step.done} of {step.of}</p>
{:else if work.busy}
  <Waiting what="Working out what would become of them" />
{/if}
<UnreadRows rows={adjusting.unread} />
{#if adjusting.effects}<AdjustmentEffects {adjusting} />{/if}
<AdjustedTogether {adjusting} />
