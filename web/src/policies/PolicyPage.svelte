<script lang="ts">
  import Changes from '../audit/Changes.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Organisation, Policy, PolicyVersion, RuleConflict, Terms } from '../api/types';
  import { day, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { kept } from '../common/kept';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import { coverageWords } from './coverage';
  import { Figures } from './figures.svelte';
  import PutInForce from './PutInForce.svelte';
  import Retire from './Retire.svelte';
  import SampleSide from './SampleSide.svelte';
  import { allSentences, sentence } from './sentence';
  import Sentences from './Sentences.svelte';
  import Settings from './Settings.svelte';
  import Versions from './Versions.svelte';
  import WhoIsCovered from './WhoIsCovered.svelte';

  let { params }: { params: { id: string } } = $props();

  const figures = new Figures();

  let policy = $state<Policy | null>(null);
  let draft = $state<PolicyVersion | null>(null);
  let problem = $state<Problem | null>(null);
  let typing = $state<Problem | null>(null);
  let conflicts = $state<RuleConflict[]>([]);
  let busy = $state(false);
  let organisation = $state<Organisation | null>(null);
  let panel = $state<'SETTINGS' | 'COVERAGE' | 'RETIRE' | null>(null);

  const id = $derived(Number(params.id));

  function show(loaded: Policy) {
    policy = loaded;
    draft = structuredClone(loaded.versions.find((each) => each.state === 'DRAFT') ?? null);
    if (!draft) return;
    const typed = unsaved(draft).recall();
    draft.terms = typed?.terms ?? draft.terms;
    figures.recall(typed?.unseenFigures ?? draft.unseenFigures);
  }

  /** The unsaved text of a draft; somebody else's change of it meanwhile makes it another one. */
  function unsaved({ id: versionId, edits }: { id: number; edits: number }) {
    return kept<{ terms: Terms; unseenFigures: string[] }>(`draft ${versionId} ${edits}`);
  }

  $effect(() => {
    answer(api.GET('/api/policies/{id}', { params: { path: { id } } })).then(show, (thrown) => {
      problem = Problem.of(thrown);
    });
  });

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });

  function settled(changed: Policy, words: string) {
    panel = null;
    policy = changed;
    said.say(words);
  }

  function discard() {
    const { id: versionId, edits } = draft!;
    return attempt(
      () =>
        answer(
          api.DELETE('/api/policies/{id}/versions/{versionId}', {
            params: { path: { id, versionId }, query: { seenEdits: edits } },
          }),
        ),
      'The draft is thrown away. What is in force stays as it is.',
    );
  }

  async function attempt(work: () => Promise<Policy>, done: string) {
    busy = true;
    problem = null;
    try {
      show(await work());
      said.say(done);
      return true;
    } catch (thrown) {
      problem = Problem.of(thrown);
      return false;
    } finally {
      busy = false;
    }
  }

  function begin(version: PolicyVersion) {
    return attempt(
      () =>
        answer(
          api.POST('/api/policies/{id}/versions', {
            params: { path: { id } },
            body: version.terms,
          }),
        ),
      'A draft to change. The version in force stays as it is.',
    );
  }

  function save() {
    const { id: versionId, edits, terms } = $state.snapshot(draft!) as PolicyVersion;
    return attempt(
      () =>
        answer(
          api.PUT('/api/policies/{id}/versions/{versionId}', {
            params: { path: { id, versionId } },
            body: { seenEdits: edits, terms, unseenFigures: figures.left },
          }),
        ),
      'The draft is saved.',
    );
  }

  const inForce = $derived(policy?.versions.filter((each) => each.state === 'IN_FORCE') ?? []);
  /** The policy with the draft as it stands on the page. */
  const asWritten = $derived({
    ...policy!,
    versions: (policy?.versions ?? []).map((each) =>
      each.id === draft?.id ? { ...each, terms: draft.terms } : each,
    ),
  });
  const stored = $derived(policy?.versions.find((each) => each.id === draft?.id));
  const changed = $derived(
    JSON.stringify(stored?.terms) !== JSON.stringify(draft?.terms) ||
      (stored?.unseenFigures.length ?? 0) !== figures.left.length,
  );

  $effect(() => {
    if (!draft) return;
    const { id: versionId, edits } = draft;
    const terms = $state.snapshot(draft.terms) as Terms;
    if (changed) unsaved({ id: versionId, edits }).keep({ terms, unseenFigures: figures.left });
    else unsaved({ id: versionId, edits }).forget();
  });
</script>

{#if policy === null}
  <ProblemNote {problem} />
  {#if !problem}<Waiting what="Fetching the policy" />{/if}
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
        <p class="text-lg">{sentence(policy, version.terms)}</p>
      {:else}
        <ul class="list-disc pl-5 text-lg" data-version={version.id}>
          {#each allSentences(policy, version.terms) as text (text)}<li>{text}</li>{/each}
        </ul>
      {/if}
      {#if !draft && !policy.recordedOnly && version === inForce.at(-1)}
        <button class="btn mt-2 btn-sm" disabled={busy} onclick={() => begin(version)}>
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
            <p class="text-lg">{sentence(policy, draft.terms)}</p>
          {:else}
            <Sentences
              bind:terms={draft.terms as Terms}
              unit={policy.unit}
              {figures}
              problem={typing}
              {conflicts}
            />
          {/if}
          <div class="mt-4"><ProblemNote {problem} /></div>
          <div class="mt-3">
            <button class="btn" disabled={busy || !changed} onclick={save}>Save the draft</button>
            {#if policy.versions.length > 1}
              <button class="btn ml-2 btn-ghost" disabled={busy} onclick={discard}
                >Throw it away</button
              >
            {/if}
          </div>
          <PutInForce
            {policy}
            {draft}
            blocked={figures.left.length > 0
              ? 'First look at the figures in dashed frames.'
              : changed
                ? 'Save the draft first.'
                : null}
            done={(result) => {
              show(result);
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
            bind:problem={typing}
            bind:conflicts
          />
        {/if}
      </div>
    </section>
  {:else}
    <ProblemNote {problem} />
  {/if}
  {#if policy.versions.length > 1 && !policy.recordedOnly}<Versions policy={asWritten} />{/if}
  <Changes subject="policy" subjectId={policy.id} />
  {#if panel === 'SETTINGS'}
    <Settings
      {policy}
      close={() => (panel = null)}
      done={(changed) => settled(changed, 'Kept. Requests from now on follow it.')}
    />
  {:else if panel === 'COVERAGE' && organisation}
    <WhoIsCovered
      {policy}
      {organisation}
      close={() => (panel = null)}
      done={(changed) => settled(changed, 'Covered from that day on.')}
    />
  {:else if panel === 'RETIRE'}
    <Retire
      {policy}
      close={() => (panel = null)}
      done={(changed) =>
        settled(changed, changed.retired ? 'Retired. It can be brought back.' : 'It is back.')}
    />
  {/if}
{/if}
