<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api, fileBody } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Holidays, YearPreview } from '../api/types';
  import { day, weekday } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';

  let {
    siteId,
    site,
    first,
    fromFile,
    done,
    close,
  }: {
    siteId: number;
    site: string;
    /** The year that is proposed. */
    first: number;
    /** Whether the days come from a calendar file instead of the rules. */
    fromFile: boolean;
    done: (holidays: Holidays, words: string) => void;
    close: () => void;
  } = $props();

  const STATES: Record<YearPreview['days'][number]['state'], string> = {
    NEW: 'new',
    SAME: 'there already',
    TAKEN: 'another one is there and stays',
  };

  let year = $state(untrack(() => first));
  let file = $state<File | null>(null);
  let preview = $state<YearPreview | null>(null);
  const work = new Work();
  const ask = latest<YearPreview>();

  const news = $derived(preview?.days.filter((each) => each.state === 'NEW').length ?? 0);

  $effect(() => {
    const chosen = file;
    if (fromFile && chosen === null) return;
    const path = { path: { siteId } };
    ask(
      answer(
        chosen === null
          ? api.GET('/api/holidays/{siteId}/years/{year}', {
              params: { path: { siteId, year } },
            })
          : api.POST('/api/holidays/{siteId}/file/preview', {
              params: path,
              ...fileBody(chosen),
            }),
      ),
      (found) => {
        preview = found;
        work.problem = null;
      },
      (thrown) => {
        preview = null;
        work.problem = Problem.of(thrown);
      },
    );
  });

  async function take() {
    await work.do(async () => {
      const path = { path: { siteId } };
      done(
        await answer(
          file === null
            ? api.POST('/api/holidays/{siteId}/years/{year}', {
                params: { path: { siteId, year } },
              })
            : api.POST('/api/holidays/{siteId}/file', { params: path, ...fileBody(file) }),
        ),
        news === 1 ? '1 holiday counts now.' : `${news} holidays count now.`,
      );
    });
  }
</script>

<SidePanel
  title={fromFile ? `A calendar file for ${site}` : `Holidays of ${site} by the rules`}
  {close}
>
  <div class="space-y-4">
    {#if fromFile}
      <label class="block">
        <span class="block font-semibold">An iCalendar file</span>
        <input
          type="file"
          accept=".ics,text/calendar"
          class="file-input mt-1 w-full max-w-sm"
          aria-label="Calendar file"
          onchange={(event) => (file = event.currentTarget.files?.[0] ?? null)}
        />
      </label>
    {:else}
      <label class="flex items-center gap-2">
        Year <input class="input w-28" type="number" name="year" bind:value={year} />
      </label>
    {/if}
    <ProblemNote problem={work.problem} />
    {#if preview}
      {#each preview.notes as note (note)}
        <p class="border-l-4 border-accent bg-base-200 px-3 py-1">{note}</p>
      {/each}
      {#if preview.days.length === 0}
        <p>
          {fromFile
            ? 'No day of this file lies between last year and three years ahead.'
            : 'There is no rule yet for this site.'}
        </p>
      {:else}
        <table class="figures" data-days>
          <thead><tr><th>Day</th><th>Holiday</th><th>Is</th></tr></thead>
          <tbody>
            {#each preview.days as each (each.on)}
              <tr class={each.state === 'NEW' ? undefined : 'quiet'}>
                <td class="whitespace-nowrap">{weekday(each.on)}, {day(each.on)}</td>
                <td>{each.name}{each.half ? ', half a day' : ''}</td>
                <td>{STATES[each.state]}{each.state === 'TAKEN' ? `: ${each.there}` : ''}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        <button class="btn btn-primary" disabled={work.busy || news === 0} onclick={take}
          >{news === 1 ? 'Let the new day count' : `Let the ${news} new days count`}</button
        >
      {/if}
    {/if}
  </div>
</SidePanel>
