<script module lang="ts">
  /** What opens beside a person's page. */
  export type Panel = 'DETAILS' | 'MOVE' | 'HOURS' | 'PAUSE' | 'HIRE_DATE' | 'LEAVE';
</script>

<script lang="ts">
  import type { Person } from '../api/types';
  import { day } from '../common/format';

  let { person, open }: { person: Person; open: (panel: Panel) => void } = $props();
</script>

{#if person.namelessSince}
  <p class="mt-3 mb-5">
    The name was removed on {day(person.namelessSince)}. What stays are figures.
  </p>
{:else}
  <div class="mt-3 mb-5 flex flex-wrap gap-2">
    <button class="btn btn-sm" onclick={() => open('MOVE')}>Team, site, pay group, approver</button>
    <button class="btn btn-sm" onclick={() => open('HOURS')}>Working time</button>
    <button class="btn btn-sm" onclick={() => open('PAUSE')}>Pause</button>
    <button class="btn btn-sm" onclick={() => open('DETAILS')}>Details</button>
    <button class="btn btn-sm" onclick={() => open('HIRE_DATE')}>Move the hire date</button>
    <button class="btn btn-sm" onclick={() => open('LEAVE')}>Leaving and returning</button>
  </div>
{/if}
