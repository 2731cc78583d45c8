<script lang="ts">
  import type { RequestDetail } from '../api/types';
  import { day, span, withUnit } from '../common/format';
  import StateMark from '../common/StateMark.svelte';

  let { detail }: { detail: RequestDetail } = $props();

  const request = $derived(detail.request);
</script>

<header class="mb-3">
  <p class="flex items-center gap-3">
    <span class="text-xl font-semibold">{request.person}</span>
    <StateMark state={request.state} />
  </p>
  <p>
    {request.policy}, <strong>{withUnit(request.total, request.unit)}</strong>, {span(
      request.first,
      request.last,
    )}
  </p>
  <p class="quiet">{request.team}; sent {day(request.sentAt)}</p>
  {#each detail.answers as each (each.question)}
    <p class="mt-1">{each.question} <strong>{each.answer}</strong></p>
  {/each}
  {#each detail.documents as document (document.id)}
    <p class="mt-1">
      <a class="underline" href={`/api/documents/${document.id}`} download>{document.name}</a>
    </p>
  {/each}
  {#if request.note}
    <p class="mt-2 border-l-4 border-base-300 pl-3">“{request.note}”</p>
  {/if}
</header>
