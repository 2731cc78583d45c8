<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { CardChange, CardDay } from '../api/types';
  import { dayAndTime, longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';
  import type { TimeCard } from './card.svelte';

  let {
    card,
    on,
    mayAccept,
    enterLeave,
    close,
  }: {
    card: TimeCard;
    on: string;
    /** Whether whoever looks may say that a day is right as it is. */
    mayAccept: boolean;
    /** Enters leave on the day; null where whoever looks may not. */
    enterLeave: (() => void) | null;
    close: () => void;
  } = $props();

  let changes = $state<CardChange[] | null>(null);
  let note = $state('');
  const work = new Work();

  const day = $derived(card.card!.days.find((each) => each.on === on)!);
  const open = $derived(
    day.remarks.filter((each) => !each.mustBeMended && each.acceptedNote === null),
  );

  $effect(() => {
    void day;
    const params = {
      path: { personId: untrack(() => card.personId) },
      query: { from: on, through: on },
    };
    answer(api.GET('/api/people/{personId}/card/changes', { params })).then(
      (loaded) => (changes = loaded),
      () => (changes = []),
    );
  });

  async function accept(what: CardDay['remarks'][number]['kind']) {
    if (await work.do(() => card.accept(on, what, note))) note = '';
  }
</script>

<SidePanel title={longDay(on)} {close}>
  <p class="text-lg" data-panel-line>{day.line || 'Nothing stands here.'}</p>
  {#if day.source}
    <p class="quiet">
      {day.source === 'typed' ? 'Typed' : `From ${day.source}`}{day.changedBy && day.changedAt
        ? ` by ${day.changedBy}, ${dayAndTime(day.changedAt)}`
        : ''}
    </p>
  {/if}
  {#each day.remarks as remark (remark.kind + remark.message)}
    <p class="mt-3 border-l-4 border-accent bg-base-200 px-3 py-2">
      {remark.message}
      {#if remark.acceptedNote !== null}
        <span class="block">{remark.acceptedBy} says it is right: “{remark.acceptedNote}”</span>
      {/if}
    </p>
  {/each}
  {#each open as remark (remark.kind)}
    {#if mayAccept}
      <form
        class="mt-2 flex items-end gap-2"
        onsubmit={(event) => {
          event.preventDefault();
          void accept(remark.kind);
        }}
      >
        <label class="grow">
          Why it is right as it is
          <input class="input w-full" maxlength="200" required bind:value={note} name="note" />
        </label>
        <button class="btn" disabled={work.busy}>It is right</button>
      </form>
    {/if}
  {/each}
  <ProblemNote problem={work.problem} />
  {#each day.leave as leave (leave.requestId)}
    <p class="mt-3">
      <span class="font-semibold">{leave.policy}</span>: {leave.hours} hours,
      {leave.approved ? 'approved' : 'waiting for a decision'}.
    </p>
  {/each}
  {#if enterLeave}
    <p class="mt-4"><button class="btn" onclick={enterLeave}>Enter leave on this day</button></p>
  {/if}
  <h3 class="mt-6 mb-1 font-semibold">Changes</h3>
  {#if changes === null}
    <p class="quiet">Fetching…</p>
  {:else if changes.length === 0}
    <p class="quiet">Nothing of this day was changed.</p>
  {:else}
    <ol class="space-y-2" data-changes>
      {#each changes as change, at (at)}
        <li class="border-b border-base-300 pb-2">
          <p>
            <span class="line-through opacity-75">{change.before || 'nothing'}</span>
            → <span class="font-semibold">{change.after || 'nothing'}</span>
          </p>
          <p class="quiet text-sm">
            {change.actor}, {dayAndTime(change.at)}, {change.source}{change.reason
              ? `: ${change.reason}`
              : ''}
          </p>
        </li>
      {/each}
    </ol>
  {/if}
</SidePanel>
