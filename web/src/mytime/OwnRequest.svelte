<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import { answer, api } from '../api/client';
  import type { RequestDetail } from '../api/types';
  import { isPositive } from '../common/decimal';
  import { day, span, withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import StateMark from '../common/StateMark.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import DayChoice from '../requests/DayChoice.svelte';
  import DayTiles from '../requests/DayTiles.svelte';
  import RequestHistory from '../requests/RequestHistory.svelte';
  import SignOffList from '../requests/SignOffList.svelte';

  let { params }: { params: { id: string } } = $props();

  let detail = $state<RequestDetail | null>(null);
  let reason = $state('');
  const chosen = new SvelteSet<string>();
  const work = new Work();
  const path = $derived({ id: Number(params.id) });

  const waiting = $derived(detail?.request.state === 'WAITING');
  const cancellable = $derived(
    detail?.review.days.filter(
      (each) =>
        each.decision === 'APPROVED' &&
        isPositive(each.amount) &&
        !detail!.request.cancelAsked.includes(each.on),
    ) ?? [],
  );

  $effect(() => {
    const request = path;
    void work.do(async () => {
      detail = await answer(api.GET('/api/requests/{id}', { params: { path: request } }));
    });
  });

  function withdraw() {
    void work.do(async () => {
      const body = { seenEdits: detail!.request.edits };
      detail = await answer(api.POST('/api/requests/{id}/withdrawal', { params: { path }, body }));
      said.say('Withdrawn. Your approver no longer sees it as waiting.');
    });
  }

  function askToCancel(event: SubmitEvent) {
    event.preventDefault();
    void work.do(async () => {
      const body = { seenEdits: detail!.request.edits, days: [...chosen], reason };
      detail = await answer(
        api.POST('/api/requests/{id}/cancellation-wish', { params: { path }, body }),
      );
      chosen.clear();
      reason = '';
      said.say('Asked. Until it is answered the days stay approved.');
    });
  }
</script>

<p class="mb-2"><a class="underline" href="#/my-time">My time</a></p>
{#if detail === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Opening the request" />{/if}
{:else}
  {@const { request, review } = detail}
  <h1>{request.policy}, {span(request.first, request.last)}</h1>
  <p class="mb-3 flex flex-wrap items-center gap-3">
    <StateMark state={request.state} />
    <strong>{withUnit(request.total, request.unit)}</strong>
    <span class="quiet">sent {day(request.sentAt)}</span>
  </p>
  {#if request.note}<p class="mb-3 border-l-4 border-base-300 pl-3">“{request.note}”</p>{/if}
  <DayTiles days={review.days} unit={review.unit} />
  <SignOffList {detail} />
  <div class="mt-4 flex flex-wrap gap-3">
    {#if waiting}
      <a class="btn btn-primary" href={`#/my-time?change=${request.id}`}>Change</a>
      <button class="btn btn-outline" disabled={work.busy} onclick={withdraw}>Withdraw</button>
    {/if}
    <a class="btn" href={`#/my-time?copy=${request.id}`}>Ask for the like again</a>
  </div>
  {#if request.cancelAsked.length > 0}
    <p class="mt-4 border-l-4 border-accent bg-base-200 px-3 py-1">
      You asked to cancel {request.cancelAsked.map(day).join(', ')}. Until it is answered they stay
      approved.
    </p>
  {/if}
  {#if cancellable.length > 0}
    <details class="mt-4">
      <summary class="cursor-pointer font-semibold">Ask to cancel approved days</summary>
      <form class="mt-2 space-y-3 border-l-4 border-base-300 pl-3" onsubmit={askToCancel}>
        <DayChoice days={cancellable} {chosen} legend="Days you no longer need" />
        <label class="block max-w-xl">
          <span class="font-semibold">Why</span>
          <textarea class="textarea mt-1 w-full" rows="2" name="cancel-reason" bind:value={reason}
          ></textarea>
        </label>
        <button class="btn btn-sm" disabled={work.busy || chosen.size === 0 || !reason.trim()}
          >Ask to cancel</button
        >
      </form>
    </details>
  {/if}
  <div class="mt-3"><ProblemNote problem={work.problem} /></div>
  <RequestHistory history={detail.history} />
{/if}
