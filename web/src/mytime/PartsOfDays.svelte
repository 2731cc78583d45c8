<script lang="ts">
  import type { AskedDay } from '../api/types';
  import { longDay } from '../common/format';
  import type { Asking } from './asking.svelte';

  let { asking }: { asking: Asking } = $props();
</script>

<details class="mt-2">
  <summary class="cursor-pointer">Part of a day only</summary>
  <ul class="mt-1 space-y-1">
    {#each asking.costly as each (each.on)}
      {@const asked = asking.partOf(each.on)}
      <li class="flex items-center gap-3">
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
          <option value="HOURS">Hours</option>
        </select>
        {#if asked?.part === 'HOURS'}
          <input
            class="input w-20 input-sm"
            inputmode="decimal"
            aria-label={`Hours on ${longDay(each.on)}`}
            value={asked.hours}
            onchange={(event) => asking.changeHours(each.on, event.currentTarget.value)}
          />
        {/if}
      </li>
    {/each}
  </ul>
</details>
