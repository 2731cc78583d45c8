<script lang="ts">
  import { answer, api } from '../api/client';
  import type { RequestSummary } from '../api/types';
  import { counted, span } from '../common/format';

  let { first, last, teamId }: { first: string; last: string; teamId: number | null } = $props();

  let approved = $state<RequestSummary[]>([]);

  $effect(() => {
    const query = { first, last, ...(teamId === null ? {} : { teamId }) };
    answer(api.GET('/api/requests/approved', { params: { query } })).then(
      (loaded) => (approved = loaded),
      () => (approved = []),
    );
  });
</script>

{#if approved.length > 0}
  <details data-away-then>
    <summary class="quiet cursor-pointer underline"
      >{counted(approved.length, 'absence')} approved on them</summary
    >
    <ul>
      {#each approved as each (each.id)}
        <li>
          <a class="underline" href={`#/requests/${each.id}`}>{each.person}</a>, {each.policy}, {span(
            each.first,
            each.last,
          )}
        </li>
      {/each}
    </ul>
  </details>
{/if}
