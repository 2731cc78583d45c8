<script lang="ts">
  import { router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { PaidHoliday, Person, RecordedDay, Road } from '../api/types';
  import { exactSum, isDecimal, isZero, sameNumber } from '../common/decimal';
  import { amount, plusDays, span, weekdayAndDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { hoursKinds } from '../frame/hours.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params: { id: string } } = $props();

  const id = $derived(Number(params.id));
  const asked = new URLSearchParams(router.querystring ?? '').get('on');

  let person = $state<Person | null>(null);
  let road = $state<Road | null>(null);
  let chosen = $state<string>(asked ?? session.current.today);
  let recorded = $state<RecordedDay[] | null>(null);
  let paid = $state<PaidHoliday[]>([]);
  const work = new Work();
  let wrongAt = $state<string | null>(null);
  let reason = $state('');

  $effect(() => {
    answer(api.GET('/api/people/{id}', { params: { path: { id } } })).then(
      async (found) => {
        person = found;
        road = await answer(
          api.GET('/api/road', { params: { query: { payGroupId: found.payGroupId } } }),
        );
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  const periods = $derived(
    (road?.periods ?? []).filter((each) => each.first <= session.current.today),
  );
  const period = $derived(
    periods.find((each) => each.first <= chosen && chosen <= each.last) ?? periods.at(-1),
  );

  async function load(from: string, through: string) {
    await work.do(async () => {
      const query = { params: { path: { personId: id }, query: { from, through } } };
      [recorded, paid] = await Promise.all([
        answer(api.GET('/api/people/{personId}/hours', query)),
        answer(api.GET('/api/people/{personId}/hours/holidays', query)),
      ]);
    });
  }

  $effect(() => {
    if (period) void load(period.first, period.last);
  });

  const days = $derived.by(() => {
    const all: string[] = [];
    for (let on = period?.first ?? ''; period && on <= period.last; on = plusDays(on, 1))
      all.push(on);
    return all;
  });

  function hours(on: string, kind: string): string {
    return recorded?.find((each) => each.on === on && each.kind === kind)?.hours ?? '0';
  }

  async function change(on: string, kind: string, input: HTMLInputElement) {
    const before = hours(on, kind);
    const typed = input.value.trim().replace(',', '.') || '0';
    if (!isDecimal(typed)) {
      work.problem = new Problem(`Please give the hours of ${weekdayAndDay(on)} as a number.`);
      wrongAt = `${on}/${kind}`;
      return;
    }
    if (sameNumber(typed, before)) return;
    const stored = await work.do(async () => {
      await answer(
        api.PUT('/api/people/{personId}/hours', {
          params: { path: { personId: id } },
          body: { on, kind, seen: before, hours: typed, reason: reason.trim() || null },
        }),
      );
      said.say(
        period?.state === 'CLOSED'
          ? 'Stored. The period is closed: the next run corrects what it posted.'
          : 'Stored.',
      );
    });
    wrongAt = stored || work.problem?.field === 'reason' ? null : `${on}/${kind}`;
    if (stored) await load(period!.first, period!.last);
  }

  const total = $derived(exactSum((recorded ?? []).map((each) => each.hours)));
</script>

{#if person === null || road === null || !period}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Fetching hours" />{/if}
{:else}
  <h1>Hours of {person.name}</h1>
  <p class="quiet mb-3">
    <a class="underline" href={`#/people/${id}`}>{person.code}</a>, {person.team}
  </p>
  <div class="mb-3 flex flex-wrap items-center gap-4">
    <label>
      Pay period
      <select class="select ml-2 w-72" bind:value={() => period.first, (first) => (chosen = first)}>
        {#each periods as each (each.first)}
          <option value={each.first}>
            {span(each.first, each.last)}{each.state === 'CLOSED' ? ', closed' : ''}
          </option>
        {/each}
      </select>
    </label>
    {#if period.state === 'CLOSED'}
      <p class="border-l-4 border-accent bg-base-200 px-3 py-1">
        This period is closed. What is changed here comes back as a correction in the next run.
      </p>
      <label>
        Why it is changed now
        <input
          class={['input ml-2 w-72', work.problem?.field === 'reason' && 'input-error']}
          maxlength="200"
          bind:value={reason}
          data-reason
        />
      </label>
    {/if}
  </div>
  <ProblemNote problem={work.problem} />
  {#if recorded === null}
    <Waiting what="Fetching hours" />
  {:else}
    <table class="figures max-w-3xl">
      <thead>
        <tr>
          <th>Day</th>
          {#each hoursKinds.names as kind (kind)}<th class="number">{kind}</th>{/each}
          <th class="number">holiday</th>
          <th>From</th>
        </tr>
      </thead>
      <tbody>
        {#each days as on (on)}
          {@const own = recorded.filter((each) => each.on === on)}
          <tr>
            <td class="whitespace-nowrap">{weekdayAndDay(on)}</td>
            {#each hoursKinds.names as kind (kind)}
              <td class="number">
                <input
                  class={[
                    'w-16 border-b bg-transparent text-right outline-none focus:bg-base-200',
                    wrongAt === `${on}/${kind}` ? 'border-error' : 'border-base-content/30',
                  ]}
                  inputmode="decimal"
                  aria-label={`${kind} hours on ${weekdayAndDay(on)}`}
                  data-hours={`${on}/${kind}`}
                  disabled={on > session.current.today}
                  value={isZero(hours(on, kind)) ? '' : hours(on, kind)}
                  onchange={(event) => change(on, kind, event.currentTarget)}
                />
              </td>
            {/each}
            <td class="number" data-holiday={on}>
              {#each paid.filter((each) => each.on === on) as each (each.name)}
                <span title={each.name}>{amount(each.hours)}</span>
              {/each}
            </td>
            <td class="quiet text-sm"
              >{[
                ...new Set([
                  ...own.map((each) => each.source),
                  ...paid.filter((each) => each.on === on).map((each) => each.name),
                ]),
              ].join(', ')}</td
            >
          </tr>
        {/each}
        <tr>
          <td class="font-semibold">Together</td>
          <td class="number font-semibold" colspan={hoursKinds.names.length} title={total}
            >{amount(total)}</td
          >
          <td class="number font-semibold">{amount(exactSum(paid.map((each) => each.hours)))}</td>
          <td></td>
        </tr>
      </tbody>
    </table>
  {/if}
{/if}
