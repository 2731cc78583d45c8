<script lang="ts">
  import type { HolidayRule } from '../api/types';
  import type { Calendars } from './calendars.svelte';
  import { ruleWords } from './rules';

  let {
    calendars,
    edit,
    country,
  }: {
    calendars: Calendars;
    /** Begins to write a rule, null for a new one. */
    edit: (rule: HolidayRule | null) => void;
    /** Begins to take rules from a country. */
    country: () => void;
  } = $props();
</script>

<section>
  <div class="flex flex-wrap items-end justify-between gap-2">
    <h2>Every year</h2>
    <span class="flex gap-2">
      <button class="btn btn-sm" onclick={country}>Those of a country</button>
      <button class="btn btn-sm" onclick={() => edit(null)}>Add a yearly holiday</button>
    </span>
  </div>
  <ul class="mt-1 divide-y divide-base-300" data-rules>
    {#each calendars.rules as rule (rule.id)}
      <li class="flex items-baseline justify-between gap-3 py-1">
        <span
          ><strong>{rule.rule.name}</strong>
          <span class="quiet">{ruleWords(rule.rule)}</span></span
        >
        <span class="flex gap-3 text-sm whitespace-nowrap">
          <button class="underline" onclick={() => edit(rule)}>Change</button>
          <button class="underline" onclick={() => calendars.removeRule(rule.id)}>Take away</button>
        </span>
      </li>
    {:else}
      <li class="quiet py-1">None yet. Begin with those of a country, or add them one by one.</li>
    {/each}
  </ul>
  {#if calendars.others.length > 0}
    <p class="mt-1 text-sm">
      Copy those of
      {#each calendars.others as other (other.id)}
        <button class="mr-2 underline" onclick={() => calendars.copyRules(other.id)}
          >{other.name}</button
        >
      {/each}
    </p>
  {/if}
</section>
