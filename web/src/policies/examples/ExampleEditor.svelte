<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../../api/client';
  import { Problem } from '../../api/problem';
  import type { ExampleOutcome, PolicyExample, Terms, Unit } from '../../api/types';
  import DateField from '../../common/DateField.svelte';
  import { latest } from '../../common/latest';
  import ProblemNote from '../../common/ProblemNote.svelte';
  import SidePanel from '../../common/SidePanel.svelte';
  import { soon } from '../../common/soon';
  import { Work } from '../../common/work.svelte';
  import {
    alsoSays,
    type Example,
    type Figure,
    factOf,
    FIGURES,
    firstDay,
    onlyWeek,
    read,
    type Week,
    WEEKDAYS,
    write,
  } from './example';
  import ExpectedFigures from './ExpectedFigures.svelte';
  import FactRow from './FactRow.svelte';

  let {
    policyId,
    unit,
    benefitYear,
    terms,
    from,
    kept = null,
    begin,
    close,
    done,
  }: {
    policyId: number;
    unit: Unit;
    benefitYear: string;
    /** The text it is tried under. */
    terms: Terms;
    /** The text's first day, null for that in force. */
    from: string | null;
    /** The example that is changed, null for a new one. */
    kept?: PolicyExample | null;
    /** What a new one begins with; without figures, what comes out is what is expected. */
    begin: Example;
    close: () => void;
    done: (example: PolicyExample) => void;
  } = $props();

  let example = $state<Example>(untrack(() => (kept ? read(kept.written) : begin)));
  let outcome = $state<ExampleOutcome | null>(null);
  let problem = $state<Problem | null>(null);
  let toFill = untrack(() => kept === null && begin.case !== '');
  const work = new Work();
  const ask = latest<ExampleOutcome>();

  const week = $derived(onlyWeek(example));
  const more = $derived(alsoSays(example));
  const text = $derived(write(example));

  $effect(() => {
    const written = example.case.trim() === '' ? write({ ...example, case: 'new' }) : text;
    const body = {
      written,
      policyId,
      unit,
      benefitYear,
      terms: $state.snapshot(terms) as Terms,
      from,
    };
    return soon(() => {
      ask(
        answer(api.POST('/api/policies/examples/attempt', { body })),
        (found) => {
          outcome = found;
          problem = null;
          if (toFill) expectWhatComes();
          toFill = false;
        },
        (thrown) => (problem = Problem.of(thrown)),
      );
    }, 250);
  });

  function expectWhatComes() {
    for (const day of example.expect ?? []) {
      const found = outcome?.days.find((each) => each.asOf === day.asOf);
      for (const figure of found?.figures ?? []) {
        const name = figure.name as Figure;
        if (FIGURES.includes(name) && (name === 'balance' || figure.is !== '0'))
          day[name] = figure.is;
      }
    }
  }

  function setWeek(day: (typeof WEEKDAYS)[number], hours: string) {
    const changed: Week = { ...(week as Week), [day]: hours };
    delete changed.from;
    example.employee.schedule = changed;
  }

  function faultOf(index: number): string | null {
    const place = `example.facts[${index}]`;
    const wrong = work.problem ?? problem;
    return wrong?.field?.startsWith(place) ? wrong.message : null;
  }

  function addFact() {
    const days = (example.facts ?? []).map(firstDay).sort();
    example.facts = [
      ...(example.facts ?? []),
      factOf('AWAY', days.at(-1) || example.employee.hired),
    ];
  }

  function addDay() {
    const last = example.expect?.at(-1)?.asOf || example.employee.hired;
    example.expect = [...(example.expect ?? []), { asOf: last }];
  }

  async function keep() {
    await work.do(async () => {
      const body = { written: text };
      done(
        kept === null
          ? await answer(
              api.POST('/api/policies/{id}/examples', { params: { path: { id: policyId } }, body }),
            )
          : await answer(
              api.PUT('/api/policies/{id}/examples/{exampleId}', {
                params: { path: { id: policyId, exampleId: kept.id } },
                body: { ...body, seenEdits: kept.edits },
              }),
            ),
      );
    });
  }

  const shownProblem = $derived.by(() => {
    const wrong = work.problem ?? problem;
    return wrong?.field?.startsWith('example.facts[') ? null : wrong;
  });
</script>

<SidePanel title={kept ? 'An example it must keep' : 'A new example'} wide {close}>
  <label class="block">
    <span class="block text-sm font-semibold">What it shows, in a few words</span>
    <input
      class="input w-full max-w-xl"
      name="example"
      placeholder="such as: Begins in July, half-time"
      bind:value={example.case}
    />
  </label>
  <h3 class="mt-4 font-semibold">Somebody</h3>
  <div class="mt-1 flex flex-wrap items-end gap-4">
    <label class="block text-sm">
      <span class="block">hired on</span>
      <DateField class="input w-36 input-sm" bind:value={example.employee.hired} />
    </label>
    <label class="block text-sm">
      <span class="block">last day, if any</span>
      <DateField
        class="input w-36 input-sm"
        bind:value={() => example.employee.lastDay ?? '', (day) => (example.employee.lastDay = day)}
      />
    </label>
    {#if week}
      <fieldset class="flex gap-1">
        <legend class="text-sm">hours on</legend>
        {#each WEEKDAYS as each (each)}
          <label class="block text-center text-xs">
            <input
              class="input w-12 px-1 text-center input-sm"
              inputmode="decimal"
              value={week[each] ?? ''}
              oninput={(event) => setWeek(each, event.currentTarget.value)}
            />
            <span class="block">{each}</span>
          </label>
        {/each}
      </fieldset>
    {/if}
  </div>
  {#if more.length > 0}
    <p class="quiet mt-1 text-sm">Also part of it: {more.join(', ')}.</p>
  {/if}
  <h3 class="mt-4 font-semibold">What happens</h3>
  {#if (example.facts ?? []).length === 0}
    <p class="quiet">Nothing but time passing.</p>
  {/if}
  <ul class="max-h-64 overflow-y-auto" data-facts>
    {#each (example.facts ?? []).keys() as index (index)}
      <FactRow
        bind:fact={example.facts![index]!}
        number={index + 1}
        fault={faultOf(index)}
        remove={() => (example.facts = example.facts!.filter((_, other) => other !== index))}
      />
    {/each}
  </ul>
  <button class="btn btn-sm" onclick={addFact}>Add what happens</button>
  <h3 class="mt-4 font-semibold">What must come out</h3>
  <p class="quiet text-sm">
    Only the figures that are filled in have to come out. Under each stands what the text gives now,
    in {unit.toLowerCase()}.
  </p>
  <ExpectedFigures
    bind:days={() => example.expect ?? [], (days) => (example.expect = days)}
    {outcome}
  />
  <div class="mt-2 flex flex-wrap gap-2">
    <button class="btn btn-sm" onclick={addDay}>Add a day</button>
    <button class="btn btn-sm" disabled={outcome === null} onclick={expectWhatComes}
      >Expect what comes out now</button
    >
  </div>
  <div class="mt-4"><ProblemNote problem={shownProblem} /></div>
  <div class="mt-3 flex items-center gap-3">
    <button
      class="btn btn-primary"
      disabled={work.busy || example.case.trim() === ''}
      onclick={keep}>Keep the example</button
    >
    {#if example.case.trim() === ''}<span class="quiet">Give it a name first.</span>{/if}
    {#if outcome && !problem}
      <span data-outcome
        >{outcome.kept
          ? 'The text as it stands keeps it.'
          : 'The text as it stands breaks it.'}</span
      >
    {/if}
  </div>
</SidePanel>
