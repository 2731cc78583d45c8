<script lang="ts">
  import OctagonX from '@lucide/svelte/icons/octagon-x';
  import type { Blocker } from '../api/types';
  import { peopleCounted } from '../common/format';

  let {
    blockers,
    decide,
    mend,
    enter,
  }: {
    blockers: Blocker[];
    decide: (requestId: number) => void;
    /** Opens the card of whoever a blocker is about. */
    mend: (blocker: Blocker) => void;
    /** Enters leave for whoever a blocker is about. */
    enter: (blocker: Blocker) => void;
  } = $props();

  const TOGETHER_FROM = 4;

  const TOGETHER: Partial<Record<Blocker['kind'], (people: string) => string>> = {
    MISSING_HOURS: (people) => `${people} scheduled in this period have no hours.`,
    UNFINISHED_DAYS: (people) => `${people} have unfinished days on their cards.`,
    TOO_MUCH_IN_LIEU: (people) => `More hours of ${people} became time in lieu than are recorded.`,
    UNCONFIRMED_CARD: (people) => `The cards of ${people} are not confirmed.`,
    WAITING_REQUEST: (people) => `Requests of ${people} wait for a decision.`,
  };

  const ON_CARDS: Blocker['kind'][] = [
    'MISSING_HOURS',
    'UNFINISHED_DAYS',
    'UNCONFIRMED_CARD',
    'TOO_MUCH_IN_LIEU',
  ];

  /** What is settled goes, and what is clicked stays where it is. */
  const keyOf = (blocker: Blocker) =>
    `${blocker.kind} ${blocker.personId} ${blocker.requestId} ${blocker.on}`;

  const kinds = $derived([...new Set(blockers.map((blocker) => blocker.kind))]);
</script>

{#snippet one(blocker: Blocker)}
  <li class="flex items-start gap-2">
    <OctagonX size={16} class="mt-1 shrink-0 text-error" aria-hidden="true" />
    <span class="grow">{blocker.message}</span>
    {#if ON_CARDS.includes(blocker.kind) && blocker.personId !== null}
      <button
        class="font-semibold whitespace-nowrap underline"
        data-mend={blocker.personId}
        onclick={() => mend(blocker)}>Hours</button
      >
      <button class="font-semibold whitespace-nowrap underline" onclick={() => enter(blocker)}
        >Enter leave</button
      >
    {/if}
    {#if blocker.requestId !== null}
      <button class="font-semibold underline" onclick={() => decide(blocker.requestId!)}
        >Decide</button
      >
    {/if}
  </li>
{/snippet}

<section class={['sheet border-l-4 p-3', blockers.length > 0 && 'border-l-error']}>
  <h2 class="mb-1">Blockers</h2>
  {#if blockers.length === 0}
    <p>Nothing stops the close.</p>
  {:else}
    <ul class="space-y-1" data-blockers>
      {#each kinds as kind (kind)}
        {@const some = blockers.filter((blocker) => blocker.kind === kind)}
        {@const words = TOGETHER[kind]}
        {#if some.length >= TOGETHER_FROM && words}
          <li>
            <details>
              <summary class="flex cursor-pointer items-start gap-2">
                <OctagonX size={16} class="mt-1 shrink-0 text-error" aria-hidden="true" />
                <span
                  >{words(peopleCounted(some.length))}
                  <span class="underline">Show them</span></span
                >
              </summary>
              <ul class="mt-1 ml-6 max-h-56 space-y-1 overflow-y-auto">
                {#each some as blocker (keyOf(blocker))}{@render one(blocker)}{/each}
              </ul>
            </details>
          </li>
        {:else}
          {#each some as blocker (keyOf(blocker))}{@render one(blocker)}{/each}
        {/if}
      {/each}
    </ul>
  {/if}
</section>
