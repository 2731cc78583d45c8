<script lang="ts">
  import { untrack } from 'svelte';
  import type { AskedDay } from '../api/types';
  import { longDay } from '../common/format';
  import { dayWords } from '../people/times';
  import type { Asking } from './asking.svelte';
  import TimesOfDay from './TimesOfDay.svelte';

  let { asking }: { asking: Asking } = $props();

  let open = $state(untrack(() => asking.marked.some((each) => each.part !== 'WHOLE')));

  const inHours = $derived(asking.rules?.leaveIn === 'HOURS');
</script>

<details data-parts class="mt-2" bind:open>
  <summary class="cursor-pointer">Part of a day only</summary>
  <ul class="mt-1 space-y-1">
    {#each asking.costly as each (each.on)}
      {@const asked = asking.partOf(each.on)}
      <li class="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span class="w-44">{longDay(each.on)}</span>
        <select
          class="select w-36 select-sm"
          aria-label={`How much of ${longDay(each.on)}`}
          value={asked?.part}
          onchange={(event) =>
            asking.changePart(each.on, event.currentTarget.value as AskedDay['part'])}
        >
          <option value="WHOLE">Whole day</option>
          <option value="MORNING">The morning</option>
          <option value="AFTERNOON">The afternoon</option>
          {#if inHours}
            <option value="HOURS">Hours</option>
            <option value="TIMES">From … to …</option>
          {/if}
        </select>
        {#if asked?.part === 'HOURS'}
          <input
            class="input w-20 input-sm"
            inputmode="decimal"
            aria-label={`Hours on ${longDay(each.on)}`}
            value={asked.hours}
            onchange={(event) => asking.changeHours(each.on, event.currentTarget.value)}
          />
        {:else if asked?.part === 'TIMES' && asked.between}
          <TimesOfDay
            between={asked.between}
            day={longDay(each.on)}
            change={(between) => asking.changeTimes(each.on, between)}
          />
          <span class="quiet text-sm"
            >{each.scheduled
              ? `of ${dayWords(each.scheduled)}`
              : 'no times in the schedule, so no break is taken off'}</span
          >
        {/if}
      </li>
    {/each}
  </ul>
</details>
