<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Coverage, Organisation, Policy, PolicyVersion } from '../api/types';
  import { longDay, peopleCounted } from '../common/format';
  import ImpactSide from './ImpactSide.svelte';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { session } from '../frame/session.svelte';
  import CoverageChoice from './CoverageChoice.svelte';
  import { EVERYBODY } from './coverage';
  import { Work } from '../common/work.svelte';

  let {
    policy,
    draft,
    blocked,
    broken,
    from = $bindable(),
    done,
  }: {
    policy: Policy;
    draft: PolicyVersion;
    blocked: string | null;
    /** How many of the examples it must keep the draft breaks. */
    broken: number;
    /** The first day it is to hold. */
    from: string;
    done: (policy: Policy) => void;
  } = $props();

  let coverage = $state<Coverage>(
    untrack(() => structuredClone($state.snapshot(policy.coverage) as Coverage) ?? EVERYBODY),
  );
  let organisation = $state<Organisation | null>(null);
  let covered = $state<{ people: number; names: string[] } | null>(null);
  let reason = $state('');
  const work = new Work();

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => (organisation = loaded));
  });

  const past = $derived(from !== '' && from < session.current.today);

  const ask = latest<{ people: number; names: string[] }>();

  $effect(() => {
    if (!from) return;
    const body = { from, coverage: $state.snapshot(coverage) as Coverage };
    ask(
      answer(api.POST('/api/policies/coverage', { body })),
      (found) => (covered = found),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function put() {
    await work.do(async () => {
      done(
        await answer(
          api.POST('/api/policies/{id}/versions/{versionId}/in-force', {
            params: { path: { id: policy.id, versionId: draft.id } },
            body: { seenEdits: draft.edits, from, coverage, reason },
          }),
        ),
      );
    });
  }
</script>

<section class="mt-6 border-t border-base-300 pt-4">
  <h2 class="mb-2">Put it in force</h2>
  <div class="flex flex-wrap items-center gap-x-2 gap-y-2">
    <label class="flex items-center gap-2"
      >from <DateField class="input w-40" name="from" bind:value={from} /></label
    >
    for
  </div>
  <div class="mt-2">
    {#if organisation}<CoverageChoice bind:coverage {organisation} />{/if}
  </div>
  {#if covered}
    <p class="mt-2" title={covered.names.join(', ')}>
      {#if covered.people === 0}
        Covers nobody yet.
      {:else}
        Covers <strong>{peopleCounted(covered.people)}</strong>: {covered.names
          .slice(0, 6)
          .join(', ')}{covered.people > 6 ? ` and ${covered.people - 6} more` : ''}.
      {/if}
      {#if policy.people > 0}
        <span class="quiet"
          >{policy.people === 1 ? '1 is' : `${policy.people} are`} enrolled already and stay so.</span
        >
      {/if}
    </p>
  {/if}
  <ImpactSide
    policyId={policy.id}
    policyName={policy.name}
    unit={policy.unit}
    terms={draft.terms}
    {from}
    {coverage}
  />
  {#if past}
    <p class="mt-2 border-l-4 border-accent bg-base-200 px-3 py-1">
      {longDay(from)} is in the past. What closed runs posted from then on is corrected by the next ones.
    </p>
  {/if}
  {#if broken > 0}
    <p class="mt-2 border-l-4 border-accent bg-base-200 px-3 py-1">
      {broken === 1 ? '1 example' : `${broken} examples`} that the policy must keep would be broken.
    </p>
  {/if}
  {#if past || broken > 0}
    <label class="mt-2 block">
      <span class="font-semibold"
        >{broken > 0 ? 'Why it holds all the same' : 'Why from a past day'}</span
      >
      <input class="input mt-1 block w-full max-w-xl" name="reason" bind:value={reason} />
    </label>
  {/if}
  <div class="mt-2"><ProblemNote problem={work.problem} /></div>
  <button
    class="btn mt-3 btn-primary"
    disabled={work.busy ||
      blocked !== null ||
      !covered ||
      (covered.people === 0 && policy.people === 0)}
    onclick={put}>Put in force</button
  >
  {#if blocked}<span class="quiet ml-3">{blocked}</span>{/if}
</section>
