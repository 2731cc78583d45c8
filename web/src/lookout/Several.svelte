<script lang="ts">
  import { untrack, type Snippet } from 'svelte';
  import { answer, api } from '../api/client';
  import type { LookoutItem, LookoutLine } from '../api/types';
  import More from '../common/More.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Rows } from '../common/rows.svelte';
  import Waiting from '../common/Waiting.svelte';

  let {
    line,
    icon,
    what,
    when,
  }: {
    line: LookoutLine;
    icon: Snippet<[LookoutItem]>;
    /** What happens to one of them. */
    what: Snippet<[LookoutItem]>;
    when: Snippet<[LookoutItem]>;
  } = $props();

  let open = $state(false);
  const people = $derived(new Rows(line.people, part(line.first)));

  $effect(() => {
    const now = people;
    if (open) untrack(() => void now.more());
  });

  function part({ urgency, kind, policyId, by }: LookoutItem) {
    const ofLine = {
      lineUrgency: urgency,
      lineKind: kind,
      linePolicyId: policyId ?? undefined,
      lineBy: by,
    };
    return async (page: number, size: number) => {
      const query = { ...ofLine, page, size };
      return (await answer(api.GET('/api/lookout/items', { params: { query } }))).items;
    };
  }
</script>

<details bind:open>
  <summary class="grid cursor-pointer grid-cols-[1.5rem_1fr_auto] gap-x-3">
    {@render icon(line.first)}
    <span>
      <span class="font-semibold">{line.says}</span>
      <span class="quiet block"
        >{line.who} <span class="text-base-content underline">Show each</span></span
      >
    </span>
    {@render when(line.first)}
  </summary>
  {#if line.first.policyId !== null}
    <p class="mt-1 ml-9">
      <a class="underline" href={`#/balances?policy=${line.first.policyId}`}>Their balances</a>
    </p>
  {/if}
  <ProblemNote problem={people.problem} />
  <ul class="mt-1 ml-9 divide-y divide-base-300">
    {#each people.rows as item, index (index)}
      <li class="py-1.5">{@render what(item)}</li>
    {/each}
  </ul>
  {#if people.rows.length === 0 && people.busy}
    <Waiting what="Fetching them" />
  {:else if people.rows.length > 0}
    <More left={people.left} more={() => void people.more()} />
  {/if}
</details>
