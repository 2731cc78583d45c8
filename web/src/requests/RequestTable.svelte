<script lang="ts">
  import { session } from '../frame/session.svelte';
  import type { RequestSummary } from '../api/types';
  import { day, span, withUnit } from '../common/format';
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
            {#if session.decides && !withdraw}
              <a data-row class="underline" href={`#/requests/${request.id}`}
                >{span(request.first, request.last)}</a
              >
            {:else}
              {span(request.first, request.last)}
            {/if}
          </td>
          <td>{request.policy}</td>
          <td class="number">{withUnit(request.total, request.unit)}</td>
          <td>
            <StateMark state={request.state} />
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
