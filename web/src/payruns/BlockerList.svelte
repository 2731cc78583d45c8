<script lang="ts">
  import OctagonX from '@lucide/svelte/icons/octagon-x';
  import type { Blocker } from '../api/types';

  let { blockers, decide }: { blockers: Blocker[]; decide: (requestId: number) => void } = $props();

  const SHOWN = 6;

  let all = $state(false);

  const shown = $derived(all ? blockers : blockers.slice(0, SHOWN));
</script>

<section class="sheet border-l-4 border-l-error p-3">
  <h2 class="mb-1">Blockers</h2>
  {#if blockers.length === 0}
    <p>Nothing stops the close.</p>
  {:else}
    <ul class="space-y-1" data-blockers>
      {#each shown as blocker, index (index)}
        <li class="flex items-start gap-2">
          <OctagonX size={16} class="mt-1 shrink-0 text-error" aria-hidden="true" />
          <span class="grow">{blocker.message}</span>
          {#if blocker.requestId !== null}
            <button class="font-semibold underline" onclick={() => decide(blocker.requestId!)}
              >Decide</button
            >
          {/if}
        </li>
      {/each}
    </ul>
    {#if blockers.length > SHOWN}
      <button class="mt-1 underline" onclick={() => (all = !all)}>
        {all ? 'Show fewer' : `Show all ${blockers.length}`}
      </button>
    {/if}
  {/if}
</section>
