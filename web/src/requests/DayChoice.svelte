<script lang="ts">
  import type { SvelteSet } from 'svelte/reactivity';
  import type { DayView } from '../api/types';
  import { weekdayAndDay } from '../common/format';

  let { days, chosen, legend }: { days: DayView[]; chosen: SvelteSet<string>; legend: string } =
    $props();
</script>

<fieldset class="flex flex-wrap gap-x-4 gap-y-1">
  <legend class="sr-only">{legend}</legend>
  {#each days as each (each.on)}
    <label class="flex items-center gap-1.5">
      <input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={chosen.has(each.on)}
        onchange={() => (chosen.has(each.on) ? chosen.delete(each.on) : chosen.add(each.on))}
      />
      {weekdayAndDay(each.on)}
    </label>
  {/each}
</fieldset>
