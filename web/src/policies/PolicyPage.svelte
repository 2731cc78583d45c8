<script lang="ts">
  import Changes from '../audit/Changes.svelte';
  import { answer, api } from '../api/client';
  import type { Problem } from '../api/problem';
  import type { Organisation, Policy, RuleConflict, Terms } from '../api/types';
  import { day, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import { session } from '../frame/session.svelte';
  import { coverageWords } from './coverage';
  import { Editing } from './editing.svelte';
  import type { Example } from './examples/example';
  import Examples from './examples/Examples.svelte';
  import { PolicyExamples } from './examples/examples.svelte';
  import PolicyPanels from './PolicyPanels.svelte';
  import PutInForce from './PutInForce.svelte';
  import SampleSide from './SampleSide.svelte';
  import Sentences from './Sentences.svelte';
  import Versions from './Versions.svelte';

  let { params }: { params: { id: string } } = $props();

  const editing = new Editing();
  const { figures, work } = editing;

  let typing = $state<Problem | null>(null);
  let conflicts = $state<RuleConflict[]>([]);
  let organisation = $state<Organisation | null>(null);
  /** From when the draft is to hold. */
  let from = $state(session.current.today);
  /** The example that is begun beside the draft. */
  let wanted = $state<Example | null>(null);
  let panel = $state<'SETTINGS' | 'COVERAGE' | 'RETIRE' | null>(null);

  $effect(() => void editing.load(Number(params.id)));

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });

  $effect(() => editing.keep());

  const policy = $derived(editing.policy);
  const examples = $derived(new PolicyExamples(Number(params.id)));
  const draft = $derived(editing.draft);
  const inForce = $derived(editing.inForce);

  function settled(changed: Policy, words: string) {
    panel = null;
    editing.policy = changed;
    said.say(words);
  }
</script>

{#if policy === null}
  <ProblemNote problem={work.problem} />
  {#if !work.problem}<Waiting what="Fetching the policy" />{/if}
{:else}
  <div class="flex flex-wrap items-start justify-between gap-3">
    <h1>{policy.name}</h1>
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-sm" onclick={() => (panel = 'SETTINGS')}>Name and request rules</button
      >
      {#if inForce.length > 0 && !policy.retired}
        <button class="btn btn-sm" onclick={() => (panel = 'COVERAGE')}>Who is covered</button>
      {/if}
      {#if !policy.recordedOnly}
        <a class="btn btn-sm" href={`#/balances/openings?policy=${policy.id}`}>Opening balances</a>
      {/if}
      <a class="btn btn-sm" href={`#/policies/new?copy=${policy.id}`}>Duplicate</a>
      {#if inForce.length > 0}
        <button class="btn btn-sm" onclick={() => (panel = 'RETIRE')}
          >{policy.retired ? 'Bring it back' : 'Retire'}</button
        >
      {/if}
    </div>
  </div>
  <p class="quiet mb-4">
    {words(policy.kind)}, in {policy.unit.toLowerCase()}, {policy.paid ? 'paid' : 'unpaid'}, payroll
    code
    {policy.payrollCode};
    {#if policy.retired}retired after {day(policy.retired)}{:else if organisation}covers {coverageWords(
        policy.coverage,
        organisation,
      )}, {policy.people} people enrolled{/if}
  </p>
  {#each inForce as version (version.id)}
    <section class="mb-4 border-l-4 border-secondary pl-4 dark:border-info">
      <h2>In force from {day(version.starts!)}</h2>
      {#if policy.recordedOnly}
        <p class="text-lg">{version.words.summary}</p>
      {:else}
        <ul class="list-disc pl-5 text-lg" data-version={version.id}>
          {#each version.words.sentences as text (text)}<li>{text}</li>{/each}
        </ul>
      {/if}
      {#if !draft && !policy.recordedOnly && version === inForce.at(-1)}
        <button class="btn mt-2 btn-sm" disabled={work.busy} onclick={() => editing.begin(version)}>
          Begin a draft from this
        </button>
      {/if}
    </section>
  {/each}

  {#if draft}
    <section class="border-l-4 border-dashed border-primary pl-4">
      <h2 class="mb-2">Draft</h2>
      <div class="grid gap-8 xl:grid-cols-[1fr_27rem]">
        <div>
          {#if policy.recordedOnly}
            <p class="text-lg">{draft.words.summary}</p>
          {:else}
            <Sentences
              bind:terms={() => draft.terms as Terms, (terms) => (editing.draft!.terms = terms)}
              unit={policy.unit}
              {figures}
              problem={typing}
              {conflicts}
            />
          {/if}
          <div class="mt-4"><ProblemNote problem={work.problem} /></div>
          <div class="mt-3">
            <button
              class="btn"
              disabled={work.busy || !editing.changed}
              onclick={() => editing.save()}>Save the draft</button
            >
            {#if policy.versions.length > 1}
              <button
                class="btn ml-2 btn-ghost"
                disabled={work.busy}
                onclick={() => editing.discard()}>Throw it away</button
              >
            {/if}
          </div>
          <PutInForce
            {policy}
            {draft}
            broken={examples?.broken.length ?? 0}
            bind:from
            blocked={figures.left.length > 0
              ? 'First look at the figures in dashed frames.'
              : editing.changed
                ? 'Save the draft first.'
                : null}
            done={(result) => {
              editing.show(result);
              road.changed();
              said.say('In force. The people it covers are enrolled.');
            }}
          />
        </div>
        {#if !policy.recordedOnly}
          <SampleSide
            terms={draft.terms as Terms}
            unit={policy.unit}
            benefitYear={policy.benefitYear}
            rules={policy.rules}
            policyId={policy.id}
            keep={(example) => (wanted = example)}
            bind:problem={typing}
            bind:conflicts
            bind:words={editing.written}
          />
        {/if}
      </div>
    </section>
  {:else}
    <ProblemNote problem={work.problem} />
  {/if}
  {#if examples && !policy.recordedOnly}
    <Examples
      {examples}
      {policy}
      draft={draft ? (draft.terms as Terms) : null}
      {from}
      {wanted}
      settled={() => (wanted = null)}
    />
  {/if}
  {#if policy.versions.length > 1 && !policy.recordedOnly}<Versions
      policy={editing.asWritten}
    />{/if}
  <Changes subject="policy" subjectId={policy.id} />
  <PolicyPanels {policy} {organisation} {panel} close={() => (panel = null)} {settled} />
{/if}
