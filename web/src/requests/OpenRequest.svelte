<script lang="ts">
  import { exactSum, isPositive } from '../common/decimal';
  import { answer, api } from '../api/client';
  import type { Decision, RequestDetail } from '../api/types';
  import { amount, longDay, withUnit, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import BesideRequest from './BesideRequest.svelte';
  import CancelDays from './CancelDays.svelte';
  import CorrectDays from './CorrectDays.svelte';
  import DayTiles from './DayTiles.svelte';
  import HandOn from './HandOn.svelte';
  import { isTyping } from '../common/listkeys';
  import RequestHead from './RequestHead.svelte';
  import RequestHistory from './RequestHistory.svelte';
  import SignOffList from './SignOffList.svelte';
  import { Work } from '../common/work.svelte';

  let {
    id,
    decided,
    corrected = () => {},
  }: {
    id: number;
    decided: (detail: RequestDetail) => void;
    corrected?: () => void;
  } = $props();

  let detail = $state<RequestDetail | null>(null);
  let decisions = $state<Record<string, Decision>>({});
  let message = $state('');
  const work = new Work();

  async function load(requestId: number) {
    await work.do(async () => {
      const loaded = await answer(
        api.GET('/api/requests/{id}', { params: { path: { id: requestId } } }),
      );
      detail = loaded;
      decisions = Object.fromEntries(
        loaded.review.days.map((each) => [each.on, each.decision ?? 'APPROVED']),
      );
    });
  }

  $effect(() => {
    detail = null;
    message = '';
    work.problem = null;
    void load(id);
  });

  /** What is left with the days as they are marked: a day declined is not taken. */
  const left = $derived(
    detail === null || detail.review.leftAtYearEnd === null
      ? null
      : exactSum([
          detail.review.leftAtYearEnd,
          ...detail.review.days
            .filter((each) => detail!.mayDecide && decisions?.[each.on] === 'DECLINED')
            .filter((each) => each.decision === null)
            .map((each) => each.amount),
        ]),
  );
  const costly = $derived(detail?.review.days.filter((each) => isPositive(each.amount)) ?? []);
  const approved = $derived(costly.filter((each) => decisions[each.on] === 'APPROVED').length);
  const declined = $derived(costly.length - approved);

  function toggle(on: string) {
    if (detail?.review.days.find((each) => each.on === on)?.decision) return;
    decisions[on] = decisions[on] === 'APPROVED' ? 'DECLINED' : 'APPROVED';
  }

  async function decide(chosen: Record<string, Decision>) {
    if (!detail) return;
    const { edits } = detail.request;
    // a day that costs nothing goes with the others, so that it never makes a decision look mixed
    const forFreeDays = costly.some((each) => chosen[each.on] === 'APPROVED')
      ? 'APPROVED'
      : 'DECLINED';
    const open = detail.review.days.filter((each) => each.decision === null);
    const days = open.map((each) => ({
      on: each.on,
      decision: isPositive(each.amount) ? chosen[each.on]! : forFreeDays,
    }));
    const done = await work.do(async () => {
      const result = await answer(
        api.POST('/api/requests/{id}/decision', {
          params: { path: { id } },
          body: { seenEdits: edits, days, message },
        }),
      );
      said.say(
        result.request.state === 'WAITING'
          ? `Signed. It goes on to ${result.signOffs.find((each) => each.signedBy === null)?.who}.`
          : `${words(result.request.state)}: ${result.request.person}, ${result.request.policy}.`,
      );
      decided(result);
    });
    if (!done) await showAsItIsNow();
  }

  function show(result: RequestDetail) {
    detail = result;
    decided(result);
  }

  /** As somebody else left it, beside why the decision was refused and what was typed. */
  async function showAsItIsNow() {
    const [told, typed] = [work.problem, message];
    await load(id);
    [work.problem, message] = [told, typed];
  }

  /** a approves as the tiles stand, d declines, a digit turns one day over. */
  function onKey(event: KeyboardEvent) {
    if (!detail?.mayDecide || work.busy || isTyping(event)) return;
    if (document.querySelector('[role=dialog], dialog[open]')) return;
    const turned = /^[1-9]$/.test(event.key) ? costly[Number(event.key) - 1] : undefined;
    if (turned) toggle(turned.on);
    else if (event.key === 'a') void decide(decisions);
    else if (event.key === 'd') void decide(all('DECLINED'));
    else return;
    event.preventDefault();
  }

  function all(decision: Decision): Record<string, Decision> {
    return Object.fromEntries(Object.keys(decisions).map((on) => [on, decision]));
  }
</script>

<svelte:window onkeydown={onKey} />

{#if detail === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Opening the request" />{/if}
{:else}
  {@const request = detail.request}
  {@const review = detail.review}
  <RequestHead {detail} />

  {#if review.problems.length > 0}
    <ul class="mb-3 border-l-4 border-accent bg-base-200 px-3 py-2">
      {#each review.problems as broken, index (index)}
        <li>{broken.message}</li>
      {/each}
    </ul>
  {/if}

  <DayTiles
    days={review.days}
    unit={review.unit}
    {decisions}
    toggle={detail.mayDecide ? toggle : undefined}
  />

  <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5">
    {#if review.askable !== null && left !== null}
      <dt class="quiet">Can be asked from the first day</dt>
      <dd title={review.askable}>{withUnit(review.askable, review.unit)}</dd>
      <dt class="quiet">Left on {longDay(review.yearEnds)}, forecast</dt>
      <dd title={left} data-left>{withUnit(left, review.unit)}</dd>
    {/if}
    {#if isPositive(review.waitingElsewhere)}
      <dt class="quiet">In other waiting requests</dt>
      <dd>{amount(review.waitingElsewhere)}</dd>
    {/if}
  </dl>

  <SignOffList {detail} />
  {#if detail.mayDecide && !detail.inTurn}
    <p class="mt-3 border-l-4 border-accent bg-base-200 px-3 py-1">
      It waits for somebody else. You can decide over the top; the history says so.
    </p>
  {/if}
  {#if detail.mayDecide}
    <label class="mt-4 block">
      <span class="font-semibold">Message to {request.person.split(' ')[0]}</span>
      <textarea class="textarea mt-1 w-full" rows="2" name="message" bind:value={message}
      ></textarea>
    </label>
    <div class="mt-2"><ProblemNote problem={work.problem} /></div>
    <div class="mt-3 flex flex-wrap gap-3">
      <button class="btn btn-primary" disabled={work.busy} onclick={() => decide(decisions)}>
        {#if declined === 0}
          Approve
        {:else if approved === 0}
          Decline
        {:else}
          Approve {approved} and decline {declined}
        {/if}
      </button>
      {#if declined === 0}
        <button class="btn btn-outline" disabled={work.busy} onclick={() => decide(all('DECLINED'))}
          >Decline all days</button
        >
      {/if}
    </div>
    <p class="quiet mt-2 text-sm">
      Each day can be decided by itself on its tile.
      <span class="hidden sm:inline"
        >Keys: <kbd class="kbd kbd-xs">a</kbd> approve as marked, <kbd class="kbd kbd-xs">d</kbd>
        decline, <kbd class="kbd kbd-xs">1</kbd> to
        <kbd class="kbd kbd-xs">9</kbd> turn a day over, <kbd class="kbd kbd-xs">n</kbd> next.</span
      >
    </p>
    {#key request.id}
      <CorrectDays
        {detail}
        corrected={() => {
          corrected();
          void load(id);
        }}
      />
      <HandOn {detail} handedOn={show} />
    {/key}
  {:else}
    <div class="mt-3"><ProblemNote problem={work.problem} /></div>
    {#if work.problem && message}<p class="mt-2">What you had typed: “{message}”</p>{/if}
  {/if}

  {#if detail.mayCancel}
    <CancelDays {detail} cancelled={show} />
  {/if}

  <RequestHistory history={detail.history} />
  <BesideRequest {detail} />
{/if}
