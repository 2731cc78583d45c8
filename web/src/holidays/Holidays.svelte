<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Holidays, Organisation } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, span, weekday } from '../common/format';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';

  let holidays = $state<Holidays | null>(null);
  let organisation = $state<Organisation | null>(null);

  $effect(() => {
    answer(api.GET('/api/holidays')).then((loaded) => (holidays = loaded));
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });
</script>

<h1 class="mb-4">Holidays</h1>
{#if holidays === null || organisation === null}
  <Waiting what="Fetching the calendars" />
{:else}
  <div class="grid gap-8 xl:grid-cols-3">
    {#each organisation.sites as site (site.id)}
      {@const ofSite = holidays.holidays.filter((holiday) => holiday.siteId === site.id)}
      <section>
        <h2 class="mb-2">{site.name}</h2>
        {#if ofSite.length === 0}
          <Empty><p>No holidays yet.</p></Empty>
        {:else}
          <table class="figures">
            <thead><tr><th>Day</th><th>Holiday</th></tr></thead>
            <tbody>
              {#each ofSite as holiday (holiday.on)}
                <tr class={holiday.on < session.current.today ? 'quiet' : undefined}>
                  <td class="whitespace-nowrap">{weekday(holiday.on)}, {day(holiday.on)}</td>
                  <td>{holiday.name}{holiday.half ? ', half a day' : ''}</td>
                </tr>
              {/each}
            </tbody>
          </table>
        {/if}
      </section>
    {/each}
    <section>
      <h2 class="mb-2">Protected dates</h2>
      {#if holidays.protectedDates.length === 0}
        <Empty><p>On every day leave can be asked for.</p></Empty>
      {:else}
        <table class="figures">
          <thead><tr><th>Days</th><th>Why</th><th>For</th></tr></thead>
          <tbody>
            {#each holidays.protectedDates as dates (dates.id)}
              <tr>
                <td>{span(dates.starts, dates.ends)}</td>
                <td>{dates.reason}</td>
                <td>{dates.team ?? 'Everybody'}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
    </section>
  </div>
{/if}
