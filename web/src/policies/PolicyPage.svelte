<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Policy, PolicyVersion, RuleConflict, Terms } from '../api/types';
  import { day, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { road } from '../frame/road.svelte';
  import PutInForce from './PutInForce.svelte';
  import SampleSide from './SampleSide.svelte';
  import { sentence } from './sentence';
  import Sentences from './Sentences.svelte';

  let { params }: { params: { id: string } } = $props();

  let policy = $state<Policy | null>(null);
  let draft = $state<PolicyVersion | null>(null);
  let problem = $state<Problem | null>(null);
  let typing = $state<Problem | null>(null);
  let conflicts = $state<RuleConflict[]>([]);
  let busy = $state(false);

  const id = $derived(Number(params.id));

  function show(loaded: Policy) {
    policy = loaded;
    draft = structuredClone(loaded.versions.find((each) => each.state === 'DRAFT') ?? null);
  }

  $effect(() => {
    answer(api.GET('/api/policies/{id}', { params: { path: { id } } })).then(show, (thrown) => {
      problem = Problem.of(thrown);
    });
  });

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
            body: { seenEdits: edits, terms },
          }),
        ),
      'The draft is saved.',
    );
  }

  const inForce = $derived(policy?.versions.filter((each) => each.state === 'IN_FORCE') ?? []);
  const stored = $derived(policy?.versions.find((each) => each.id === draft?.id));
  const changed = $derived(JSON.stringify(stored?.terms) !== JSON.stringify(draft?.terms));
</script>

{#if policy === null}
  <ProblemNote {problem} />
  {#if !problem}<Waiting what="Fetching the policy" />{/if}
{:else}
  <h1>{policy.name}</h1>
  <p class="quiet mb-4">
    {words(policy.kind)}, in {policy.unit.toLowerCase()}, {policy.paid ? 'paid' : 'unpaid'}, payroll
    code
    {policy.payrollCode}; {policy.people} people enrolled
  </p>
  {#each inForce as version (version.id)}
    <section class="mb-4 border-l-4 border-secondary pl-4 dark:border-info">
      <h2>In force from {day(version.starts!)}</h2>
      <p class="text-lg">{sentence(policy, version.terms)}</p>
      {#if !draft && version === inForce.at(-1)}
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
          <Sentences
            bind:terms={draft.terms as Terms}
            unit={policy.unit}
            problem={typing}
            {conflicts}
          />
          <div class="mt-4"><ProblemNote {problem} /></div>
          <div class="mt-3">
            <button class="btn" disabled={busy || !changed} onclick={save}>Save the draft</button>
          </div>
          <PutInForce
            {policy}
            {draft}
            blocked={changed ? 'Save the draft first.' : null}
            done={(result) => {
              show(result);
              road.changed();
              said.say('In force. The people it covers are enrolled.');
            }}
          />
        </div>
        <SampleSide
          terms={draft.terms as Terms}
          unit={policy.unit}
          benefitYear={policy.benefitYear}
          rules={policy.rules}
          bind:problem={typing}
          bind:conflicts
        />
      </div>
    </section>
  {:else}
    <ProblemNote {problem} />
  {/if}
{/if}
