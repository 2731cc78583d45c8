<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { YearDay, YearView } from '../api/types';
  import { plusMonths } from '../common/dates';
  import { isPositive } from '../common/decimal';
  import { day, longDay, monthName, withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import { monthsFrom, said, weeksOf } from './year';

  const WEEKDAYS = ['M', 'T', 'W', 'T', 'F', 'S', 'S'];

  let from = $state(`${session.current.today.slice(0, 4)}-01-01`);
  let year = $state<YearView | null>(null);
  const work = new Work();
  const months = $derived(monthsFrom(from));
  const days = $derived(new Map(year?.days.map((each) => [each.on, each]) ?? []));

  $effect(() => {
    const params = { path: { personId: session.current.personId! }, query: { from } };
    void work.do(async () => {
      year = await answer(api.GET('/api/people/{personId}/year', { params }));
    });
  });

  function move(months: number) {
    from = plusMonths(from, months);
  }

  function look(of: YearDay | undefined): string {
    if (!of) return '';
    const leave = of.leave[0];
    if (leave?.approved) return 'bg-secondary text-secondary-content font-semibold';
    if (leave) return 'hatched border border-dashed border-secondary font-semibold';
    if (of.holiday) return 'bg-base-300 font-semibold';
    return 'underline decoration-accent decoration-2';
  }

  function open(on: string) {
    const leave = days.get(on)?.leave[0];
    void push(leave ? `/my-time/requests/${leave.requestId}` : `/my-time?day=${on}`);
  }
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>My year</h1>
  <div class="flex gap-2">
    <button class="btn btn-sm" onclick={() => move(-12)}>Year before</button>
    <button class="btn btn-sm" onclick={() => move(-1)} aria-label="One month back">‹</button>
    <button class="btn btn-sm" onclick={() => move(1)} aria-label="One month on">›</button>
    <button class="btn btn-sm" onclick={() => move(12)}>Year after</button>
  </div>
</div>
<ProblemNote problem={work.problem} />
{#if year === null}
  {#if !work.problem}<Waiting what="Laying out the year" />{/if}
{:else}
  <p class="mb-3">
    {day(year.first)} to {day(year.last)}{year.totals.length === 0
      ? ': nothing asked for yet.'
      : ':'}
    {#each year.totals as total (total.policyId)}
      <span class="mr-4 inline-block" data-total={total.policy}>
        {total.policy} <strong>{withUnit(total.approved, total.unit)}</strong>{isPositive(
          total.waiting,
        )
          ? ` and ${withUnit(total.waiting, total.unit)} waiting`
          : ''}
      </span>
    {/each}
  </p>
  <div class="grid gap-5 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4" data-year>
    {#each months as month (month)}
      <section>
        <h2 class="mb-1 text-base">{monthName(`${month}-01`)} {month.slice(0, 4)}</h2>
        <table class="w-full table-fixed text-center text-sm">
          <thead aria-hidden="true">
            <tr>
              {#each WEEKDAYS as weekday, at (at)}<td class="quiet">{weekday}</td>{/each}
            </tr>
          </thead>
          <tbody>
            {#each weeksOf(month) as week, at (at)}
              <tr>
                {#each week as on, place (place)}
                  <td class="p-px">
                    {#if on}
                      {@const of = days.get(on)}
                      <button
                        class={[
                          'h-7 w-full cursor-pointer hover:outline-2 hover:outline-primary',
                          look(of),
                          on === session.current.today && 'outline-2 outline-primary',
                          place > 4 && !of && 'quiet',
                        ]}
                        data-day={on}
                        title={said(of)}
                        aria-label={`${longDay(on)}${of ? `: ${said(of)}` : ''}`}
                        onclick={() => open(on)}>{Number(on.slice(8))}</button
                      >
                    {/if}
                  </td>
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
      </section>
    {/each}
  </div>
  <p class="quiet mt-4 flex flex-wrap gap-x-5 gap-y-1 text-sm">
    <span><span class="inline-block h-3 w-5 bg-secondary align-middle"></span> approved</span>
    <span
      ><span class="hatched inline-block h-3 w-5 border border-dashed border-secondary align-middle"
      ></span> waiting</span
    >
    <span><span class="inline-block h-3 w-5 bg-base-300 align-middle"></span> holiday</span>
    <span class="underline decoration-accent decoration-2">protected date</span>
    <span>A day leads to its request, or to a new one.</span>
  </p>
{/if}
