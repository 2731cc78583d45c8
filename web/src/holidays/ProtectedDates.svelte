<script lang="ts">
  import { span } from '../common/format';
  import AwayThen from './AwayThen.svelte';
  import type { Calendars } from './calendars.svelte';

  let { calendars, begin }: { calendars: Calendars; begin: () => void } = $props();
</script>

<section>
  <div class="flex items-end justify-between">
    <h2>Protected dates</h2>
    <button class="btn btn-sm" onclick={begin}>Protect dates</button>
  </div>
  <ul class="mt-1 divide-y divide-base-300" data-protected>
    {#each calendars.holidays?.protectedDates ?? [] as dates (dates.id)}
      <li class="flex items-baseline justify-between gap-3 py-1">
        <span>
          {span(dates.starts, dates.ends)}: <strong>{dates.reason}</strong>
          <span class="quiet">{dates.team ?? 'Everybody'}</span>
          <AwayThen first={dates.starts} last={dates.ends} teamId={dates.teamId} />
        </span>
        <button
          class="text-sm whitespace-nowrap underline"
          onclick={() => calendars.unprotect(dates.id)}>Take away</button
        >
      </li>
    {:else}
      <li class="quiet py-1">On every day leave can be asked for.</li>
    {/each}
  </ul>
</section>
