<script lang="ts">
  import { untrack } from 'svelte';
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import CircleSlash from '@lucide/svelte/icons/circle-slash';
  import { answer, api } from '../api/client';
  import type { Backups } from '../api/types';
  import { dayAndTime } from '../common/format';
  import Empty from '../common/Empty.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import { size } from './size';

  const LOOK_AGAIN = 1_000;

  let backups = $state.raw<Backups | null>(null);
  let opened = $state<string | null>(null);
  const work = new Work();

  async function look() {
    await work.do(async () => {
      const wasUnderWay = backups?.underWay ?? null;
      backups = await answer(api.GET('/api/running/backups'));
      if (wasUnderWay && !backups.underWay && !backups.problem) tell(backups.all[0]);
    });
  }

  function tell(newest: Backups['all'][number] | undefined) {
    if (newest?.good) said.say('Backed up, and proved.');
  }

  async function begin() {
    await work.do(async () => {
      backups = await answer(api.POST('/api/running/backups'));
    });
  }

  // once: what it reads of an earlier look is no reason for another
  $effect(() => untrack(() => void look()));

  $effect(() => {
    if (!backups?.underWay) return;
    const again = setTimeout(look, LOOK_AGAIN);
    return () => clearTimeout(again);
  });
</script>

<section class="mt-8 border-t border-base-300 pt-4" data-backups>
  <h2 class="mb-1">Backups</h2>
  {#if backups}
    <p class="mb-3 max-w-3xl">
      {backups.daily
        ? `One is made every day at ${backups.daily}, while everybody goes on.`
        : 'None is made by itself here.'}
      Each holds everything, and counts as good once another program has taken it in to an empty place
      and derived every posted balance there. All of a week are kept, then one a week for five weeks and
      one a month for a year. They lie in <code class="break-all">{backups.folder}</code>; a copy on
      another disk or machine is for whoever runs this one to keep. To go back to one:
      <code>./up-ahead restore FILE --data FOLDER</code>, into an empty folder.
    </p>
  {/if}
  <ProblemNote problem={work.problem} />
  {#if backups?.problem}
    <p class="mb-3 font-semibold" role="alert">
      The last one could not be written: {backups.problem}
    </p>
  {/if}
  {#if backups?.underWay}
    <p role="status" class="mb-3 flex items-center gap-2" data-under-way>
      <span class="loading loading-sm loading-dots" aria-hidden="true"></span>
      {backups.underWay.step}
    </p>
  {:else}
    <button class="btn mb-3" disabled={work.busy || !backups} onclick={begin}>Back up now</button>
  {/if}
  {#if backups?.all.length}
    <table class="figures max-w-3xl">
      <thead>
        <tr
          ><th>Made</th><th>Proved</th><th class="text-right">Size</th><th>File</th><th
            ><span class="sr-only">What the proof said</span></th
          ></tr
        >
      </thead>
      <tbody>
        {#each backups.all as backup (backup.name)}
          <tr data-backup={backup.good ? 'good' : 'bad'}>
            <td class="whitespace-nowrap">{dayAndTime(backup.made)}</td>
            <td>
              <span class={['inline-flex items-center gap-1', !backup.good && 'font-semibold']}>
                {#if backup.good}<CircleCheck size={15} aria-hidden="true" /> good{:else}<CircleSlash
                    size={15}
                    aria-hidden="true"
                  /> could not be proved{/if}
              </span>
            </td>
            <td class="text-right whitespace-nowrap">{size(backup.bytes)}</td>
            <td class="break-all">{backup.name}</td>
            <td>
              <button
                class="btn btn-ghost btn-xs"
                aria-expanded={opened === backup.name}
                aria-label={`What the proof of ${dayAndTime(backup.made)} said`}
                onclick={() => (opened = opened === backup.name ? null : backup.name)}
                >{opened === backup.name ? 'Less' : 'What was said'}</button
              >
            </td>
          </tr>
          {#if opened === backup.name}
            <tr
              ><td colspan="5"
                ><pre class="whitespace-pre-wrap text-sm">{backup.report ||
                    'Nothing is kept of it.'}</pre></td
              ></tr
            >
          {/if}
        {/each}
      </tbody>
    </table>
  {:else if backups}
    <Empty><p>There is no backup yet.</p></Empty>
  {/if}
</section>
