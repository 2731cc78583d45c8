<script lang="ts">
  import { amount, day } from '../common/format';
  import type { Calendars } from './calendars.svelte';

  let { calendars, begin }: { calendars: Calendars; begin: () => void } = $props();
</script>

<section>
  <div class="flex items-end justify-between">
    <h2>Paid hours for extra days</h2>
    <button class="btn btn-sm" onclick={begin}>Award hours</button>
  </div>
  <ul class="mt-1 divide-y divide-base-300" data-awards>
    {#each calendars.awards as award (award.id)}
      <li class="flex items-baseline justify-between gap-3 py-1">
        <span>
          {day(award.on)}: <strong>{award.name}</strong>, {amount(award.hours)} hours for
          <span title={award.people.map((each) => each.person).join(', ')}
            >{award.people.length} people</span
          >
          <span class="quiet">{award.reason ? `“${award.reason}”, ` : ''}{award.author}</span>
        </span>
        <button
          class="text-sm whitespace-nowrap underline"
          onclick={() => calendars.takeBackAward(award.id)}>Take back</button
        >
      </li>
    {:else}
      <li class="quiet py-1">None were given yet.</li>
    {/each}
  </ul>
</section>
