<script lang="ts">
  import { tick } from 'svelte';
  import { push, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Problem } from '../api/problem';
  import type {
    BroughtExample,
    BroughtVersion,
    NewPolicy,
    RuleConflict,
    Terms,
  } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { counted } from '../common/format';
  import { kept } from '../common/kept';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import BeginWithFiles from './BeginWithFiles.svelte';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import { Figures } from './figures.svelte';
  import PolicyFacts from './PolicyFacts.svelte';
  import RequestSentences from './RequestSentences.svelte';
  import SampleSide from './SampleSide.svelte';
  import Sentences from './Sentences.svelte';
  import { STARTS, type Start } from './terms';

  const HIRE_ANNIVERSARY = 'hire-anniversary';
  const unsaved = kept<NewPolicy>('text of a new policy');
  const unsavedExamples = kept<BroughtExample[]>('examples of a new policy');

  const figures = new Figures();

  let policy = $state<NewPolicy | null>(null);
  let problem = $state<Problem | null>(null);
  const work = new Work();
  let conflicts = $state<RuleConflict[]>([]);

  /** Examples that came with a file and are kept with the policy. */
  let brought = $state.raw<BroughtExample[]>(unsavedExamples.recall() ?? []);

  $effect(() => {
    if (brought.length > 0) unsavedExamples.keep(brought);
    else unsavedExamples.forget();
  });

  async function beginWith({ unit, benefitYear, terms }: BroughtVersion, read: BroughtExample[]) {
    brought = read;
    await begin({
      name: '',
      about: '',
      policy: { ...STARTS[0]!.policy, unit, benefitYear, terms },
    });
    figures.recall([]);
  }

  const copied = new URLSearchParams(router.querystring ?? '').get('copy');

  /** The newest text of another policy, to begin with. */
  async function copy(id: number) {
    await work.do(async () => {
      const other = await answer(api.GET('/api/policies/{id}', { params: { path: { id } } }));
      policy = structuredClone({
        name: `${other.name} (copy)`,
        payrollCode: other.payrollCode,
        kind: other.kind,
        unit: other.unit,
        paid: other.paid,
        benefitYear: other.benefitYear,
        rules: other.rules,
        terms: other.versions.at(-1)!.terms,
        unseenFigures: other.versions.at(-1)!.unseenFigures,
        recordedOnly: other.recordedOnly,
      });
      figures.recall(policy.unseenFigures ?? []);
    });
  }

  if (copied !== null) {
    void copy(Number(copied));
  } else {
    const typed = unsaved.recall();
    policy = typed;
    figures.recall(typed?.unseenFigures ?? []);
  }

  function written(): NewPolicy {
    return { ...($state.snapshot(policy!) as NewPolicy), unseenFigures: figures.left };
  }

  $effect(() => {
    if (policy) unsaved.keep(written());
  });

  async function begin(start: Start) {
    policy = structuredClone({
      ...start.policy,
      recordedOnly: start.policy.recordedOnly ?? false,
      name: '',
      payrollCode: '',
      unseenFigures: [],
    });
    await tick();
    figures.beginUnseen();
  }

  function anotherShape() {
    unsaved.forget();
    brought = [];
    policy = null;
  }

  async function save() {
    if (!policy) return;
    await work.do(async () => {
      const { id } = await answer(
        brought.length === 0
          ? api.POST('/api/policies', { body: written() })
          : api.POST('/api/policies/with-examples', {
              body: { policy: written(), examples: brought.map((each) => each.written) },
            }),
      );
      unsaved.forget();
      brought = [];
      said.say('Written as a draft. Nobody is touched until you put it in force.');
      push(`/policies/${id}`);
    });
  }
</script>

<h1 class="mb-4">Write a policy</h1>
{#if policy === null}
  <p class="mb-3">Begin with the shape that is nearest. Every figure can be changed.</p>
  <ul class="grid max-w-4xl gap-4 md:grid-cols-2">
    {#each STARTS as start (start.name)}
      <li>
        <button
          class="sheet h-full w-full border-l-4 border-l-secondary p-4 text-left hover:bg-base-200 dark:border-l-info"
          onclick={() => begin(start)}
        >
          <span class="block text-lg font-semibold">{start.name}</span>
          {start.about}
        </button>
      </li>
    {/each}
  </ul>
  <BeginWithFiles begin={beginWith} />
{:else}
  <div class="grid gap-8 xl:grid-cols-[1fr_27rem]">
    <div>
      <div class="mb-5 space-y-4">
        <PolicyFacts bind:facts={policy} problem={work.problem} />
        <label class="block">
          <span class="block text-sm font-semibold">Counted in</span>
          <select class="select w-28" name="unit" bind:value={policy.unit}>
            <option value="HOURS">Hours</option><option value="DAYS">Days</option>
          </select>
        </label>
      </div>
      {#if policy.recordedOnly}
        <p class="max-w-2xl text-lg" data-recorded-only>
          It is only recorded: nothing is earned, and there is no balance anywhere. What is written
          down goes to payroll under its code.
        </p>
      {:else}
        <Sentences
          bind:terms={policy.terms as Terms}
          unit={policy.unit}
          {figures}
          {problem}
          {conflicts}
        />
        <p class="mt-4 max-w-2xl text-lg leading-relaxed">
          The benefit year begins
          <Choice
            name="Beginning of the benefit year"
            choices={[
              ['date', 'on the'],
              ['hire', 'on each hire anniversary'],
            ]}
            bind:value={
              () => (policy!.benefitYear === HIRE_ANNIVERSARY ? 'hire' : 'date'),
              (chosen) => (policy!.benefitYear = chosen === 'hire' ? HIRE_ANNIVERSARY : '01-01')
            }
          />{#if policy.benefitYear !== HIRE_ANNIVERSARY}
            <Blank
              wide
              name="First day of the benefit year, month and day"
              field="benefitYear"
              problemAt={problem?.field}
              bind:value={policy.benefitYear}
            />
            <span class="quiet text-base">(month and day)</span>{/if}.
          {#if problem?.field === 'benefitYear'}
            <span role="alert" class="block border-l-4 border-error pl-2 text-base text-error"
              >{problem.message}</span
            >
          {/if}
        </p>
      {/if}
      <h2 class="mt-6 mb-1">When it is asked for</h2>
      <RequestSentences bind:rules={policy.rules} {problem} {conflicts} />
      {#if brought.length > 0}
        <p class="quiet mt-4">
          {counted(brought.length, 'example')} of the file{brought.length === 1 ? ' is' : 's are'} kept
          with it: {brought.map((each) => each.name).join(', ')}.
        </p>
      {/if}
      <div class="mt-5">
        <ProblemNote problem={work.problem} besides={['name', 'payrollCode']} />
      </div>
      <div class="mt-4 flex gap-3">
        <button class="btn btn-primary" disabled={work.busy} onclick={save}>Keep as a draft</button>
        <button class="btn btn-ghost" onclick={anotherShape}>Another shape</button>
      </div>
    </div>
    <div>
      {#if !policy.recordedOnly}
        <SampleSide
          terms={policy.terms as Terms}
          unit={policy.unit}
          benefitYear={policy.benefitYear}
          rules={policy.rules}
          bind:problem
          bind:conflicts
        />
      {/if}
    </div>
  </div>
{/if}
