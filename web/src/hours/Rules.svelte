<script lang="ts">
  import { answer, api } from '../api/client';
  import type { CardRules, Road, SiteClock } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { hoursKinds } from '../frame/hours.svelte';
  import { road } from '../frame/road.svelte';
  import { openPeriod } from './period';
  import { OVERS, STEPS, typedRules, writtenRules, type TypedRules } from './rules';
  import SiteClocks from './SiteClocks.svelte';

  let runs = $state<Road | null>(null);
  let known = $state<CardRules[]>([]);
  let clocks = $state<SiteClock[] | null>(null);
  let typed = $state<TypedRules | null>(null);
  const work = new Work();

  const kinds = $derived(hoursKinds.names.filter((name) => name !== 'regular'));

  $effect(() => {
    const query = road.payGroupId === null ? {} : { payGroupId: road.payGroupId };
    void work.do(async () => {
      clocks = await answer(api.GET('/api/organisation/time-zones'));
      runs = await answer(api.GET('/api/road', { params: { query } }));
      await load();
    });
  });

  async function load() {
    if (runs?.payGroupId == null) return;
    const params = { path: { payGroupId: runs.payGroupId } };
    known = await answer(api.GET('/api/pay-groups/{payGroupId}/card-rules', { params }));
    typed = typedRules(known, openPeriod(runs, runs.today)?.first ?? runs.today);
  }

  function save(event: SubmitEvent) {
    event.preventDefault();
    void work.do(async () => {
      const params = { path: { payGroupId: runs!.payGroupId! } };
      known = await answer(
        api.PUT('/api/pay-groups/{payGroupId}/card-rules', { params, body: writtenRules(typed!) }),
      );
      said.say('Kept. The hours of open cards were counted again.');
    });
  }
</script>

<p class="mb-1"><a class="underline" href="#/hours">Hours</a></p>
<h1 class="mb-3">How times become hours</h1>
<ProblemNote problem={work.problem} besides={['starts', 'overtime', 'breakAfter']} />
{#if runs === null || clocks === null}
  {#if !work.problem}<Waiting what="Fetching the rules" />{/if}
{:else if typed === null}
  <p>There is no pay group yet.</p>
{:else}
  <form class="max-w-3xl space-y-4" onsubmit={save}>
    <h2>{runs.payGroup}</h2>
    {#if known.length > 0}
      <p class="quiet">
        Rules were set from {known.map((each) => day(each.starts)).join(', ')} on. Shown are those of
        the open period.
      </p>
    {/if}
    <p>
      From <DateField class="input w-44" label="From" name="starts" bind:value={typed.starts} /> on, in
      and out are counted
      <select class="select w-52" aria-label="Rounding" bind:value={typed.roundingMinutes}>
        {#each STEPS as step (step)}
          <option value={step}
            >{step === 1 ? 'to the minute' : `to the nearest ${step} minutes`}</option
          >
        {/each}
      </select>.
      {#if work.problem?.isAt('starts')}
        <span class="block text-error" role="alert">{work.problem.message}</span>
      {/if}
    </p>
    <p>
      After more than
      <input
        class="input w-16"
        aria-label="Hours after which a break is needed"
        bind:value={typed.breakAfter}
      />
      hours of work there must be a break of
      <input class="input w-16" aria-label="Minutes of the break" bind:value={typed.breakMinutes} />
      minutes. <span class="quiet">Left empty, no break is asked for.</span>
      {#if work.problem?.isAt('breakAfter')}
        <span class="block text-error" role="alert">{work.problem.message}</span>
      {/if}
    </p>
    <div>
      <p class="font-semibold">Regular hours become hours of another kind</p>
      <ul class="space-y-1" data-overtime>
        {#each typed.overtime as rule, at (at)}
          <li class="flex items-center gap-2">
            <select class="select w-52" aria-label="Which hours" bind:value={rule.over}>
              {#each Object.entries(OVERS) as [over, words] (over)}<option value={over}
                  >{words}</option
                >{/each}
            </select>
            {#if rule.over !== 'DAY_OFF'}
              <input class="input w-16" aria-label="Hours" bind:value={rule.hours} />
            {/if}
            they are
            <select class="select w-36" aria-label="Kind" bind:value={rule.kind}>
              {#each kinds as kind (kind)}<option>{kind}</option>{/each}
            </select>
            <button
              type="button"
              class="underline"
              onclick={() => (typed!.overtime = typed!.overtime.filter((_, other) => other !== at))}
              >Take away</button
            >
          </li>
        {/each}
      </ul>
      <button
        type="button"
        class="btn btn-sm mt-1"
        onclick={() => typed!.overtime.push({ over: 'DAY', hours: '', kind: 'overtime' })}
        >+ Overtime</button
      >
      {#if work.problem?.isAt('overtime')}
        <p class="text-error" role="alert">{work.problem.message}</p>
      {/if}
    </div>
    <div class="space-y-1">
      <label class="flex items-center gap-2"
        ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={typed.typedByPerson} /> People
        type their own times</label
      >
      <label class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={typed.confirmedByPerson}
        />
        People confirm their card when its period is over</label
      >
      <label class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={typed.confirmedByApprover}
        /> Approvers confirm it, too</label
      >
    </div>
    <button class="btn btn-primary" disabled={work.busy}>Keep these rules</button>
    <p class="quiet">
      What is closed stays as it was counted. A week runs from Monday to Sunday; what is over the
      day does not count again in the week.
    </p>
  </form>
  <SiteClocks {clocks} changed={(all) => (clocks = all)} />
{/if}
