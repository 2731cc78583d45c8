<script lang="ts">
  import type { RequestDetail } from '../api/types';
  import { day } from '../common/format';

  let { detail }: { detail: RequestDetail } = $props();

  const waiting = $derived(detail.request.state === 'WAITING');
  const shown = $derived(
    detail.signOffs.length > 1 ||
      (waiting && detail.signOffs.length === 1 && !detail.inTurn) ||
      Boolean(detail.asked?.because),
  );
</script>

{#if shown}
  <h2 class="mt-4 mb-1">Sign-offs</h2>
  <ol class="list-decimal pl-6" data-sign-offs>
    {#each detail.signOffs as each (each.step)}
      <li>
        {each.signedBy
          ? `${each.signedBy}, ${day(each.signedAt!)}`
          : `${each.who}${waiting ? ', not yet' : ', not needed any more'}`}
      </li>
    {/each}
  </ol>
  {#if detail.asked?.because}
    <p class="mt-1 border-l-4 border-accent bg-base-200 px-3 py-1" data-asked>
      {detail.asked.because}
    </p>
  {/if}
{/if}
