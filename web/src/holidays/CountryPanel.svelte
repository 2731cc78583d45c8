<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import { answer, api } from '../api/client';
  import type { CountryPlace, HolidayRule, Holidays, ProposedHoliday } from '../api/types';
  import { day } from '../common/format';
  import { kept } from '../common/kept';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { ruleWords } from './rules';

  let {
    siteId,
    site,
    there,
    done,
    close,
  }: {
    siteId: number;
    site: string;
    /** The rules the site has. */
    there: HolidayRule[];
    done: (holidays: Holidays, words: string) => void;
    close: () => void;
  } = $props();

  const before = kept<{ country: string; path: string[] }>('country of holidays');

  let countries = $state<CountryPlace[] | null>(null);
  let country = $state(before.recall()?.country ?? '');
  let path = $state<string[]>(before.recall()?.path ?? []);
  let proposed = $state<ProposedHoliday[] | null>(null);
  const wanted = new SvelteSet<string>();
  const work = new Work();

  $effect(() => {
    void work.do(async () => {
      countries = await answer(api.GET('/api/holidays/countries'));
    });
  });

  const known = $derived(new Set(there.map(({ rule }) => rule.name)));

  /** The choices on each level: the regions of the country, then those of the region. */
  const levels = $derived.by(() => {
    const found: CountryPlace[][] = [];
    let within = countries?.find(({ code }) => code === country)?.regions ?? [];
    for (const code of [...path, null]) {
      if (within.length > 0) found.push(within);
      within = within.find((each) => each.code === code)?.regions ?? [];
    }
    return found;
  });

  $effect(() => {
    if (country === '') return;
    const query = { path: [...path] };
    before.keep({ country, path: query.path });
    void work.do(async () => {
      proposed = await answer(
        api.GET('/api/holidays/countries/{country}', { params: { path: { country }, query } }),
      );
      wanted.clear();
      proposed.filter(({ name }) => !known.has(name)).forEach(({ name }) => wanted.add(name));
    });
  });

  function choose(level: number, code: string) {
    path = [...path.slice(0, level), ...(code === '' ? [] : [code])];
  }

  function toggle(name: string) {
    if (!wanted.delete(name)) wanted.add(name);
  }

  async function take() {
    await work.do(async () => {
      const body = { country, path, names: [...wanted] };
      const holidays = await answer(
        api.POST('/api/holidays/{siteId}/country', { params: { path: { siteId } }, body }),
      );
      done(holidays, 'Taken. Look at a year to let the days of rules count.');
    });
  }
</script>

<SidePanel title={`Holidays of a country for ${site}`} {close}>
  <div class="space-y-4">
    <div class="flex flex-wrap gap-2">
      <select
        class="select w-60"
        aria-label="Country"
        bind:value={
          () => country,
          (chosen) => {
            country = chosen;
            path = [];
          }
        }
      >
        <option value="">choose a country</option>
        {#each countries ?? [] as each (each.code)}
          <option value={each.code}>{each.name}</option>
        {/each}
      </select>
      {#each levels as places, level (level)}
        <select
          class="select w-60"
          aria-label={level === 0 ? 'Region' : 'Part of the region'}
          bind:value={() => path[level] ?? '', (chosen) => choose(level, chosen)}
        >
          <option value="">all of it</option>
          {#each places as each (each.code)}<option value={each.code}>{each.name}</option>{/each}
        </select>
      {/each}
    </div>
    <ProblemNote problem={work.problem} />
    {#if work.busy && proposed === null}<Waiting what="Looking the holidays up" />{/if}
    {#if proposed !== null && country !== ''}
      <p class="quiet">
        Something to begin with: please hold it against what is agreed where you are. What is taken
        can be changed like any other.
      </p>
      <table class="figures" data-country-days>
        <thead
          ><tr><th><span class="sr-only">Take it</span></th><th>Holiday</th><th>Next years</th></tr
          ></thead
        >
        <tbody>
          {#each proposed as each (each.name)}
            <tr class={known.has(each.name) ? 'quiet' : undefined}>
              <td>
                <input
                  type="checkbox"
                  class="checkbox checkbox-sm"
                  aria-label={each.name}
                  disabled={known.has(each.name)}
                  checked={wanted.has(each.name)}
                  onchange={() => toggle(each.name)}
                />
              </td>
              <td>
                <strong>{each.name}</strong>
                <span class="quiet block text-sm">
                  {#if known.has(each.name)}there already{:else if each.rule}{ruleWords(
                      each.rule,
                    )}{:else}moves from year to year: taken as single days{/if}
                </span>
              </td>
              <td class="text-sm">{each.days.map(day).join(', ')}</td>
            </tr>
          {:else}
            <tr><td colspan="3" class="quiet">None are known.</td></tr>
          {/each}
        </tbody>
      </table>
      <button class="btn btn-primary" disabled={work.busy || wanted.size === 0} onclick={take}
        >{wanted.size === 1 ? 'Take this one' : `Take these ${wanted.size}`}</button
      >
    {/if}
  </div>
</SidePanel>
