<script lang="ts">
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import { push, router } from 'svelte-spa-router';
  import type { CardDay } from '../api/types';
  import { counted, plusDays, span } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { session } from '../frame/session.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import { TimeCard } from './card.svelte';
  import CardSheet from './CardSheet.svelte';
  import DayPanel from './DayPanel.svelte';
  import { emptyDays } from './typing';

  let { params }: { params?: { id?: string } } = $props();

  const own = $derived(session.current.personId);
  const personId = $derived(params?.id ? Number(params.id) : own!);
  const card = $derived(new TimeCard(personId));
  const today = $derived(session.current.today);

  let on = $derived(new URLSearchParams(router.querystring ?? '').get('on') ?? asOf.day);
  let opened = $state<string | null>(null);
  let leaveOn = $state<string | null>(null);

  $effect(() => card.load(on));

  const view = $derived(card.card);
  const mayChange = (day: CardDay) => card.mayChange(day, today);
  const empty = $derived(view === null ? [] : emptyDays(view.days, mayChange));
  const closed = $derived(view !== null && card.isClosed(view.first));
  const isOwn = $derived(personId === own);

  async function fill(lines: { on: string; line: string }[], words: string) {
    if (lines.length === 0) {
      said.say('There is no empty day that could be filled.');
    } else if (await card.set(lines)) {
      said.say(`${counted(lines.length, 'day')} ${words}.`);
    }
  }

  async function undo() {
    if (await card.undo()) said.say('Put back as it was before.');
  }

  function leave(day: string) {
    if (session.may('ENTER_LEAVE')) {
      leaveOn = day;
      opened = null;
    } else {
      void push(`/my-time?day=${day}`);
    }
  }
</script>

<ProblemNote problem={card.problem} besides={['reason']} />
{#if view === null}
  {#if !card.problem}<Waiting what="Fetching the card" />{/if}
{:else}
  <div class="flex flex-wrap items-baseline justify-between gap-x-4">
    <h1>{isOwn ? 'My hours' : `Hours of ${view.person}`}</h1>
    <p class="quiet">
      {#if session.may('KEEP_PEOPLE')}<a class="underline" href={`#/people/${view.personId}`}
          >{view.code}</a
        >{:else}{view.code}{/if}, {view.team}; {view.payGroup}; times of {view.zone}
    </p>
  </div>
  <div class="my-2 flex flex-wrap items-center gap-2">
    <button class="btn btn-sm" onclick={() => (on = plusDays(view.first, -1))}
      >‹ Period before</button
    >
    <span class="px-1 font-semibold" data-period
      >{span(view.first, view.last)}{closed ? ', closed' : ''}</span
    >
    <button class="btn btn-sm" onclick={() => (on = plusDays(view.last, 1))}>Period after ›</button>
    {#if view.maySetTimes}
      <button
        class="btn btn-sm ml-auto"
        disabled={empty.length === 0 || card.saving > 0}
        onclick={() => fill(empty, 'filled as scheduled')}>Fill empty days as scheduled</button
      >
      <button class="btn btn-sm" disabled={!card.canUndo || card.saving > 0} onclick={undo}>
        <Undo2 size={15} aria-hidden="true" /> Undo
      </button>
    {/if}
  </div>
  <CardSheet {card} {view} open={(day) => (opened = day)} />
  {#if opened !== null}
    <DayPanel
      {card}
      on={opened}
      mayAccept={session.may('DECIDE_FOR_THE_ASSIGNED') && !isOwn}
      enterLeave={isOwn || session.may('ENTER_LEAVE') ? () => leave(opened!) : null}
      close={() => (opened = null)}
    />
  {/if}
  {#if leaveOn !== null}
    <EnterLeave
      person={{ id: view.personId, name: view.person }}
      on={leaveOn}
      noted="Entered on the time card."
      done={() => {
        leaveOn = null;
        card.load(on);
      }}
      close={() => (leaveOn = null)}
    />
  {/if}
{/if}
