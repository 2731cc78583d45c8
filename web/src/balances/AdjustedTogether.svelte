<script lang="ts">
  import { counted, dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import type { Adjusting } from './adjusting.svelte';

  let { adjusting }: { adjusting: Adjusting } = $props();

  let undoing = $state<number | null>(null);
  let because = $state('');

  async function undo(event: SubmitEvent) {
    event.preventDefault();
    if (undoing !== null && (await adjusting.undo(undoing, because))) {
      undoing = null;
      because = '';
    }
  }
</script>

<h2 class="mt-6 mb-1">Adjusted together</h2>
<ProblemNote problem={adjusting.undoing.problem} />
{#if adjusting.together?.length === 0}
  <p class="quiet">Nothing yet. What you adjust here stands in this list and can be taken back.</p>
{:else if adjusting.together}
  <ul class="sheet max-w-4xl divide-y divide-base-300" data-together>
    {#each adjusting.together as each (each.id)}
      <li class="px-3 py-2">
        <div class="flex flex-wrap items-baseline justify-between gap-3">
          <span>
            <span class="font-semibold">{each.what}</span>:
            {counted(each.balances, 'balance')}
            <span class="quiet block text-sm"
              >{each.author}, {dayAndTime(each.at)}{#if each.undoneAt}; taken back by {each.undoneBy},
                {dayAndTime(each.undoneAt)}: {each.undoneBecause}{/if}</span
            >
          </span>
          {#if !each.undoneAt && undoing !== each.id}
            <button class="btn btn-sm" onclick={() => (undoing = each.id)}>Take it back</button>
          {/if}
        </div>
        {#if undoing === each.id}
          <form class="mt-2 flex flex-wrap items-end gap-2" onsubmit={undo}>
            <label>
              <span class="block text-sm font-semibold"
                >Why all {counted(each.balances, 'adjustment')} are taken back</span
              >
              <input
                class="input w-80"
                name="because"
                required
                maxlength="300"
                bind:value={because}
              />
            </label>
            <button class="btn" disabled={adjusting.undoing.busy || because.trim() === ''}
              >Take {each.balances} back</button
            >
            <button type="button" class="btn btn-ghost" onclick={() => (undoing = null)}
              >Keep</button
            >
          </form>
        {/if}
      </li>
    {/each}
  </ul>
{/if}
