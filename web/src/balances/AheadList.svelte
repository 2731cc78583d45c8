<script lang="ts">
  import type { AheadView } from '../api/types';
  import { day } from '../common/format';
  import { moreWords, toldOnce } from './ahead';

  let {
    items,
    withPolicy = true,
    ask,
  }: {
    items: AheadView[];
    withPolicy?: boolean;
    /** Begins to ask for days of a policy, where that can be done about it; nothing where it cannot. */
    ask?: (policyId: number) => (() => void) | null;
  } = $props();

  /** What using some of the time keeps from happening. */
  const HELPED_BY_USE: AheadView['what'][] = ['LAPSE', 'WITHHELD', 'LIMIT_REACHED', 'USE_BEGINS'];

  function asking({ what, policyId }: AheadView): (() => void) | null {
    return HELPED_BY_USE.includes(what) ? (ask?.(policyId) ?? null) : null;
  }

  const AT_FIRST = 6;

  let all = $state(false);
  const told = $derived(toldOnce(items));
  const shown = $derived(all ? told : told.slice(0, AT_FIRST));
</script>

{#if items.length === 0}
  <p class="quiet">Nothing out of the ordinary within a year.</p>
{:else}
  <ol class="border-l-2 border-dashed border-primary" data-ahead>
    {#each shown as each (each)}
      {@const item = each.first}
      <li class="relative py-0.5 pl-4">
        <span class="absolute top-3 -left-[0.3rem] h-2 w-2 rotate-45 bg-primary" aria-hidden="true"
        ></span>
        <span class="inline-block w-28 font-semibold">{day(item.on)}</span>
        {#if withPolicy}<span class="quiet">{item.policy}:</span>{/if}
        <span title={item.amount ?? undefined}>{item.message}</span>
        {#if asking(item)}
          <button class="link" onclick={asking(item)}>Ask for days</button>
        {/if}
        {#if each.more.length > 0}
          <details class="ml-29 inline-block align-top">
            <summary class="quiet cursor-pointer underline">{moreWords(each)}</summary>
            <ul>
              {#each each.more as one (one)}
                <li>
                  <span class="inline-block w-28">{day(one.on)}</span>
                  <span title={one.amount ?? undefined}>{one.message}</span>
                </li>
              {/each}
            </ul>
          </details>
        {/if}
      </li>
    {/each}
  </ol>
  {#if told.length > shown.length}
    <button class="mt-1 ml-4 underline" onclick={() => (all = true)}
      >and {told.length - shown.length} more within a year</button
    >
  {/if}
{/if}
