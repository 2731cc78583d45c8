<script lang="ts">
  import { answer, api } from '../api/client';
  import type { AbsencePicture } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { amount, monthName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  let {
    query,
  }: {
    query: { from: string; through: string; teamId?: number; siteId?: number; search?: string };
  } = $props();

  const STEPS = 5;

  let picture = $state<AbsencePicture | null>(null);
  const work = new Work();

  $effect(() => {
    const asked = query;
    void work.do(async () => {
      picture = await answer(
        api.GET('/api/reports/absences/picture', { params: { query: asked } }),
      );
    });
  });

  const most = $derived(
    Math.max(1, ...(picture?.people ?? []).flatMap(({ days }) => days.map(Number))),
  );

  /** Deeper for more days, in a few steps. */
  function depth(days: string): number {
    return Math.ceil((Number(days) / most) * STEPS) / STEPS;
  }
</script>

<ProblemNote problem={work.problem} />
{#if picture === null}
  {#if !work.problem}<Waiting what="Drawing the year" />{/if}
{:else if picture.people.length === 0}
  <Empty><p>Nobody is away in these days.</p></Empty>
{:else}
  <div class="sheet max-h-[calc(100vh-16rem)] overflow-auto" data-picture>
    <table class="figures">
      <caption class="quiet px-2 py-1 text-left text-sm"
        >Days away, whole or in part, by month; deeper where there are more</caption
      >
      <thead>
        <tr>
          <th>Person</th><th>Team</th>
          {#each picture.months as month (month)}<th class="number" title={month}
              >{monthName(`${month}-01`).slice(0, 3)}</th
            >{/each}
          <th class="number">Together</th>
        </tr>
      </thead>
      <tbody>
        {#each picture.people as person (person.personId)}
          <tr>
            <td class="whitespace-nowrap"
              ><a class="underline" href={`#/people/${person.personId}`}>{person.person}</a></td
            >
            <td class="quiet whitespace-nowrap">{person.team}</td>
            {#each person.days as days, at (at)}
              <td
                class="number"
                style:background-color={days === '0'
                  ? undefined
                  : `color-mix(in oklab, var(--color-accent) ${Math.round(depth(days) * 70)}%, transparent)`}
                >{days === '0' ? '' : amount(days)}</td
              >
            {/each}
            <td class="number font-semibold">{amount(person.together)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  {#if picture.more > 0}
    <p class="quiet mt-1 text-sm">
      {picture.more} more have absences; choose a team, or take the table.
    </p>
  {/if}
{/if}
