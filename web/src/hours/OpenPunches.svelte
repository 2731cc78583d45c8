<script lang="ts">
  import { answer, api } from '../api/client';
  import type { OpenPunch } from '../api/types';
  import { dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import PersonPicker from '../people/PersonPicker.svelte';

  let { punches, changed }: { punches: OpenPunch[]; changed: (left: OpenPunch[]) => void } =
    $props();

  const KINDS = { IN: 'In', OUT: 'Out', BREAK: 'Break' };

  let owner = $state<number | null>(null);
  let chosen = $state<number | null>(null);
  let note = $state('');
  const work = new Work();

  function assign(id: number) {
    void work.do(async () => {
      const params = { path: { id } };
      changed(
        await answer(api.PUT('/api/punches/{id}/person', { params, body: { personId: owner! } })),
      );
      said.say('It stands on the card now.');
      chosen = null;
      owner = null;
    });
  }

  function dismiss(id: number) {
    void work.do(async () => {
      const params = { path: { id } };
      changed(await answer(api.PUT('/api/punches/{id}/dismissed', { params, body: { note } })));
      said.say('It does not count.');
      chosen = null;
      note = '';
    });
  }
</script>

<h2 class="mb-1">Said at a clock, without a place</h2>
{#if punches.length === 0}
  <p class="quiet">Everything that was said stands on a card.</p>
{:else}
  <p class="quiet mb-2">
    Say whose it is, change the card by hand, or say that it does not count. Nothing is lost.
  </p>
  <ProblemNote problem={work.problem} />
  <table class="figures max-w-5xl" data-open-punches>
    <thead
      ><tr
        ><th>When</th><th>What</th><th>Who</th><th>Where</th><th>Why it waits</th><th
          ><span class="sr-only">What can be done</span></th
        ></tr
      ></thead
    >
    <tbody>
      {#each punches as punch (punch.id)}
        <tr>
          <td class="whitespace-nowrap">{dayAndTime(punch.at)}</td>
          <td>{KINDS[punch.kind]}</td>
          <td>
            {#if punch.personId !== null}
              <a class="underline" href={`#/hours/${punch.personId}?on=${punch.at.slice(0, 10)}`}
                >{punch.person}</a
              >
            {:else}code {punch.code}{/if}
          </td>
          <td>{punch.source}</td>
          <td>{punch.note}</td>
          <td class="text-right">
            <button
              class="underline"
              onclick={() => (chosen = chosen === punch.id ? null : punch.id)}>Settle</button
            >
          </td>
        </tr>
        {#if chosen === punch.id}
          <tr>
            <td colspan="6">
              <div class="flex flex-wrap items-end gap-4">
                {#if punch.state === 'UNKNOWN'}
                  <div class="flex items-end gap-2">
                    <PersonPicker bind:chosen={owner} name={null} label="Whose it is" />
                    <button
                      class="btn"
                      disabled={work.busy || owner === null}
                      onclick={() => assign(punch.id)}>It is theirs</button
                    >
                  </div>
                {/if}
                <label>
                  Why it does not count
                  <input class="input block w-64" maxlength="200" name="why" bind:value={note} />
                </label>
                <button
                  class="btn"
                  disabled={work.busy || note.trim() === ''}
                  onclick={() => dismiss(punch.id)}>It does not count</button
                >
              </div>
            </td>
          </tr>
        {/if}
      {/each}
    </tbody>
  </table>
{/if}
