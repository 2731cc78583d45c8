<script lang="ts">
  import { untrack } from 'svelte';
  import { router } from 'svelte-spa-router';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import DateField from '../common/DateField.svelte';
  import Empty from '../common/Empty.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { counted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import UnreadRows from '../common/UnreadRows.svelte';
  import Waiting from '../common/Waiting.svelte';
  import OpeningGrid from './OpeningGrid.svelte';
  import { Openings } from './openings.svelte';
  import OpeningSums from './OpeningSums.svelte';

  const asked = new URLSearchParams(router.querystring ?? '').get('policy');
  const openings = new Openings(asked === null ? null : Number(asked));
  const { work } = openings;

  $effect(() => void openings.begin());

  $effect(() => {
    const policyId = openings.policyId;
    if (policyId !== null) untrack(() => void openings.load(policyId));
  });
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>Opening balances</h1>
  {#if openings.policyId !== null}
    <a class="underline" href={`/api/openings/${openings.policyId}/table.csv`} download
      >Download as a file to fill in</a
    >
  {/if}
</div>
<p class="quiet mb-4 max-w-3xl">
  What people bring along from before: the balance at the start of a day, and what was earned and
  used so far in that benefit year, so that yearly limits count on from there.
</p>
{#if openings.policies === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Fetching the policies" />{/if}
{:else if openings.policies.length === 0}
  <Empty><p>Nobody is enrolled in a policy yet. Put a policy in force first.</p></Empty>
{:else}
  <div class="mb-4 flex flex-wrap items-end gap-4">
    <label>
      <span class="block text-sm font-semibold">Policy</span>
      <select class="select w-56" name="policy" bind:value={openings.policyId}>
        {#each openings.policies as each (each.id)}<option value={each.id}>{each.name}</option
          >{/each}
      </select>
    </label>
    <label>
      <span class="block text-sm font-semibold">At the start of</span>
      <DateField
        class="input w-44"
        name="on"
        value={openings.on}
        onchange={(day) => openings.changeDay(day)}
      />
    </label>
  </div>
  <details class="mb-4">
    <summary class="cursor-pointer font-semibold">From a file or a spreadsheet</summary>
    <p class="quiet my-2">
      One row a person and policy: the person by code, name or e-mail address, and the balance;
      policy, as of, earned, used and hours toward where you have them.
    </p>
    <FileOrPaste chosen={(file) => openings.read(file)} what="opening balances" />
    {#if openings.found}
      <p class="quiet mt-2">Read as {openings.found.encoding}.</p>
      <ColumnsRead
        read={openings.found}
        reading={openings.how}
        again={() => openings.readAgain()}
      />
    {/if}
  </details>
  <UnreadRows rows={openings.unread} />
  {#if openings.typed === null}
    <Waiting what="Fetching the people" />
  {:else}
    <OpeningGrid {openings} />
    <div class="mt-4 space-y-3">
      <ProblemNote problem={work.problem} besides={['reason']} />
      {#if openings.check === null}
        <button
          class="btn btn-primary"
          disabled={work.busy || openings.filled.length === 0}
          onclick={() => openings.look()}>Check {openings.filled.length} and see their sums</button
        >
        {#if openings.typedHere > 0}
          <span class="quiet ml-2">{openings.typedHere} typed here and not set yet.</span>
          <button class="underline" onclick={() => openings.clear()}>Forget these</button>
        {/if}
      {:else}
        <OpeningSums sums={openings.check.sums} />
        {#if openings.changes > 0}
          <label class="block">
            <span class="font-semibold">Why {openings.changes} that are there already change</span>
            <input class="input block w-full max-w-xl" name="reason" bind:value={openings.reason} />
            {#if work.problem?.isAt('reason')}<span role="alert" class="text-error"
                >{work.problem.message}</span
              >{/if}
          </label>
        {/if}
        <button
          class="btn btn-primary"
          disabled={work.busy ||
            openings.wrong > 0 ||
            openings.unread.length > 0 ||
            openings.toSet === 0}
          onclick={() => openings.set()}>Set {counted(openings.toSet, 'opening balance')}</button
        >
        {#if openings.wrong + openings.unread.length > 0}
          <span class="ml-2"
            >{openings.wrong + openings.unread.length} cannot be taken. Nothing is set until they are
            mended.</span
          >
        {:else if openings.toSet === 0}
          <span class="quiet ml-2">They are as they stand here; nothing would change.</span>
        {/if}
      {/if}
    </div>
  {/if}
{/if}
