<script lang="ts">
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import CircleDashed from '@lucide/svelte/icons/circle-dashed';
  import type { Card } from '../api/types';
  import { dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';
  import type { TimeCard } from './card.svelte';

  let { card, view }: { card: TimeCard; view: Card } = $props();

  const work = new Work();
</script>

{#if view.confirmations.length > 0}
  <ul class="mb-2 flex flex-wrap gap-x-6 gap-y-1" data-confirmations>
    {#each view.confirmations as each (each.part)}
      <li class="flex items-center gap-2">
        {#if each.by !== null && each.at !== null}
          <CircleCheck size={16} aria-hidden="true" />
          Confirmed by {each.by}, {dayAndTime(each.at)}
          {#if each.mayConfirm}
            <button
              class="underline"
              disabled={work.busy}
              onclick={() => work.do(() => card.confirm(each.part, false))}>Take back</button
            >
          {/if}
        {:else}
          <CircleDashed size={16} aria-hidden="true" />
          Not yet confirmed by {each.part === 'PERSON' ? view.person : 'the approver'}
          {#if each.mayConfirm}
            <button
              class="btn btn-sm btn-primary"
              disabled={work.busy}
              onclick={() => work.do(() => card.confirm(each.part, true))}
              >This card is right</button
            >
          {/if}
        {/if}
      </li>
    {/each}
  </ul>
  <ProblemNote problem={work.problem} />
{/if}
