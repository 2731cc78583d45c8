<script lang="ts">
  import { session } from '../frame/session.svelte';
  import type { RequestSummary } from '../api/types';
  import { day, span, weekdayAndDay, withUnit } from '../common/format';
  import StateMark from '../common/StateMark.svelte';

  let {
    requests,
    withdraw,
  }: { requests: RequestSummary[]; withdraw?: (request: RequestSummary) => void } = $props();
</script>

<div class="overflow-x-auto">
  <table class="figures">
    <thead>
      <tr
        ><th>Days</th><th>Policy</th><th class="number">Cost</th><th>State</th><th>Sent</th><th
          >Note</th
        ></tr
      >
    </thead>
    <tbody>
      {#each requests.toReversed() as request (request.id)}
        <tr>
          <td class="whitespace-nowrap">
            {#if session.may('DECIDE_FOR_THE_ASSIGNED') && !withdraw}
              <a data-row class="underline" href={`#/requests/${request.id}`}
                >{span(request.first, request.last)}</a
              >
            {:else}
              <a data-row class="underline" href={`#/my-time/requests/${request.id}`}
                >{span(request.first, request.last)}</a
              >
            {/if}
          </td>
          <td>{request.policy}</td>
          <td class="number">
            {#if request.state === 'PARTLY_APPROVED'}
              {withUnit(request.approved, request.unit)}
              <span class="quiet text-sm">of {withUnit(request.total, request.unit)}</span>
            {:else}
              {withUnit(request.total, request.unit)}
            {/if}
          </td>
          <td>
            <StateMark state={request.state} />
            {#if request.declined.length > 0 && request.state === 'PARTLY_APPROVED'}
              <span class="block text-sm" data-declined
                >declined: {request.declined.map(weekdayAndDay).join(', ')}</span
              >
            {/if}
            {#if request.cancelAsked.length > 0}
              <span class="block text-sm"
                >asked to cancel: {request.cancelAsked.map(weekdayAndDay).join(', ')}</span
              >
            {/if}
            {#if request.answer}<span class="quiet block text-sm">“{request.answer}”</span>{/if}
            {#if withdraw && request.state === 'WAITING'}
              <button class="ml-3 underline" onclick={() => withdraw(request)}>Withdraw</button>
            {/if}
          </td>
          <td class="whitespace-nowrap">{day(request.sentAt)}</td>
          <td>{request.note}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
