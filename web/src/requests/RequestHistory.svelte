<script lang="ts">
  import type { RequestDetail } from '../api/types';
  import { day, words } from '../common/format';

  let { history }: { history: RequestDetail['history'] } = $props();
</script>

<h2 class="mt-5 mb-1">History</h2>
<ul data-history>
  {#each history as event, index (index)}
    <li>
      <span class="quiet">{day(event.at)}</span>
      {event.actor}: {words(event.what).toLowerCase()}{event.message ? `, “${event.message}”` : ''}
    </li>
  {/each}
</ul>
