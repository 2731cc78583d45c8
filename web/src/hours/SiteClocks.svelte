<script lang="ts">
  import { answer, api } from '../api/client';
  import type { SiteClock } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { clocks, changed }: { clocks: SiteClock[]; changed: (all: SiteClock[]) => void } = $props();

  const work = new Work();
  const zones = Intl.supportedValuesOf('timeZone');

  function set(clock: SiteClock, timeZone: string) {
    void work.do(async () => {
      const params = { path: { id: clock.siteId } };
      changed(
        await answer(
          api.PUT('/api/organisation/sites/{id}/time-zone', { params, body: { timeZone } }),
        ),
      );
      said.say(`${clock.site} works by the clock of ${timeZone}.`);
    });
  }
</script>

<section class="mt-8 max-w-3xl">
  <h2 class="mb-1">The clock of each site</h2>
  <ProblemNote problem={work.problem} />
  <datalist id="zones"
    >{#each zones as zone (zone)}<option>{zone}</option>{/each}</datalist
  >
  <ul>
    {#each clocks as clock (clock.siteId)}
      <li class="flex items-center gap-3 border-b border-base-300 py-1">
        <span class="grow">{clock.site}</span>
        <input
          class="input w-64"
          list="zones"
          aria-label={`Time zone of ${clock.site}`}
          value={clock.timeZone}
          onchange={(event) => set(clock, event.currentTarget.value.trim())}
        />
      </li>
    {/each}
  </ul>
</section>
