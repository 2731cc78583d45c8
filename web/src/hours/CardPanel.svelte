<script lang="ts">
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { TimeCard } from './card.svelte';
  import CardSheet from './CardSheet.svelte';
  import DayPanel from './DayPanel.svelte';

  let {
    person,
    on,
    enterLeave,
    close,
  }: {
    person: { id: number; name: string };
    /** A day of the period. */
    on: string;
    /** Enters leave on a day. */
    enterLeave: (on: string) => void;
    close: () => void;
  } = $props();

  const card = $derived(new TimeCard(person.id));
  let opened = $state<string | null>(null);

  $effect(() => card.load(on));
</script>

{#if opened === null}
  <SidePanel title={`Hours of ${person.name}`} wide {close}>
    <ProblemNote problem={card.problem} besides={['reason']} />
    {#if card.card === null}
      {#if !card.problem}<Waiting what="Fetching the card" />{/if}
    {:else}
      <CardSheet {card} view={card.card} open={(day) => (opened = day)} />
    {/if}
  </SidePanel>
{:else}
  <DayPanel
    {card}
    on={opened}
    mayAccept
    enterLeave={() => enterLeave(opened!)}
    close={() => (opened = null)}
  />
{/if}
