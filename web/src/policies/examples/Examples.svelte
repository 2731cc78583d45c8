<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import Unlink from '@lucide/svelte/icons/unlink';
  import { untrack } from 'svelte';
  import type { ExampleOutcome, Policy, PolicyExample, Terms } from '../../api/types';
  import { amount, counted, longDay } from '../../common/format';
  import ProblemNote from '../../common/ProblemNote.svelte';
  import { said } from '../../common/said.svelte';
  import { soon } from '../../common/soon';
  import { session } from '../../frame/session.svelte';
  import { type Example, type Figure, FIGURE_WORDS, nobodyYet } from './example';
  import ExampleEditor from './ExampleEditor.svelte';
  import type { PolicyExamples } from './examples.svelte';

  let {
    examples,
    policy,
    draft,
    from,
    wanted = null,
    settled,
  }: {
    examples: PolicyExamples;
    policy: Policy;
    /** The text that is being written, null where there is none. */
    draft: Terms | null;
    /** From when it would hold. */
    from: string | null;
    /** A new example somebody began elsewhere. */
    wanted?: Example | null;
    /** The new example is kept or given up. */
    settled: () => void;
  } = $props();

  let opened = $state<PolicyExample | 'NEW' | null>(null);

  $effect(() => void untrack(() => examples.load()));

  const terms = $derived(draft ?? policy.versions.at(-1)!.terms);

  $effect(() => {
    const body = draft ? ($state.snapshot(draft) as Terms) : null;
    const day = body ? from : null;
    void examples.all;
    return soon(() => examples.hold(body, day), 200);
  });

  const panel = $derived(wanted ?? (opened === 'NEW' ? nobodyYet(session.current.today) : null));

  function close() {
    opened = null;
    settled();
  }

  function done(example: PolicyExample) {
    close();
    said.say(`${example.name} is kept as an example.`);
    void examples.load();
  }

  function bring(input: HTMLInputElement) {
    void examples.bring([...(input.files ?? [])]);
    input.value = '';
  }

  /** The figures that did not come out, in words. */
  function broken(outcome: ExampleOutcome): string[] {
    return outcome.days.flatMap((day) =>
      day.figures
        .filter((each) => each.expected !== null && each.expected !== each.is)
        .map(
          (each) =>
            `${FIGURE_WORDS[each.name as Figure].toLowerCase()} on ${longDay(day.asOf)} is ${amount(each.is)}, not ${amount(each.expected!)}`,
        ),
    );
  }
</script>

<section class="mt-6 border-t border-base-300 pt-4" data-examples>
  <div class="flex flex-wrap items-center justify-between gap-2">
    <h2>Examples it must keep</h2>
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-sm" onclick={() => (opened = 'NEW')}>Write one</button>
      <label class="btn btn-sm"
        >Bring some in<input
          type="file"
          multiple
          accept=".json,.zip,application/json,application/zip"
          class="sr-only"
          aria-label="Files of examples"
          onchange={(event) => bring(event.currentTarget)}
        /></label
      >
      <a class="btn btn-sm" href={`/api/policies/${policy.id}/examples/file`} download
        >Take policy and examples out</a
      >
    </div>
  </div>
  {#if examples.known && examples.all.length === 0}
    <p class="quiet">
      None yet. An example is a person, what happens, and the figures that must come out; every
      draft is held against it.
    </p>
  {:else if examples.all.length > 0}
    <p class="quiet">
      {draft ? 'Held against the draft as it stands' : 'Held against what is in force'}{examples
        .broken.length > 0
        ? `: ${counted(examples.broken.length, 'example')} broken.`
        : '.'}
    </p>
    <ul class="mt-1 divide-y divide-base-300">
      {#each examples.all as example (example.id)}
        {@const outcome = examples.outcomeOf(example.id)}
        <li class="flex flex-wrap items-start gap-x-3 py-2" data-example={example.name}>
          <span class="inline-flex w-24 items-center gap-1 text-sm font-semibold">
            {#if outcome?.kept}<Check size={15} aria-hidden="true" /> kept
            {:else if outcome}<Unlink size={15} aria-hidden="true" /> broken{/if}
          </span>
          <span class="grow basis-60">
            <button class="link" onclick={() => (opened = example)}>{example.name}</button>
            {#if outcome && !outcome.kept}
              <span class="block text-sm">
                {#if outcome.fault}It cannot be run: {outcome.fault}.{:else}{broken(outcome).join(
                    '; ',
                  )}{/if}
              </span>
            {/if}
          </span>
          <span class="quiet text-sm">{example.keptBy}</span>
          <button
            class="btn btn-ghost btn-xs"
            disabled={examples.work.busy}
            onclick={() => examples.remove(example)}
            aria-label={`Remove ${example.name}`}>Remove</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  {#if examples.removed}
    <p role="status" class="mt-1">
      {examples.removed.name} is no longer an example.
      <button class="link" disabled={examples.work.busy} onclick={() => examples.putBack()}
        >Put it back</button
      >
    </p>
  {/if}
  {#if examples.unread.length > 0}
    <ul class="mt-2" data-unread>
      {#each examples.unread as each (each.file + each.name)}
        <li class="border-l-4 border-error pl-2">{each.name || each.file}: {each.fault}</li>
      {/each}
    </ul>
  {/if}
  <div class="mt-2"><ProblemNote problem={examples.work.problem} /></div>
</section>

{#if panel || (opened && opened !== 'NEW')}
  {#key opened === 'NEW' || !opened ? 'new' : opened.id}
    <ExampleEditor
      policyId={policy.id}
      unit={policy.unit}
      benefitYear={policy.benefitYear}
      {terms}
      from={draft ? from : null}
      kept={panel || opened === 'NEW' ? null : opened}
      begin={panel ?? nobodyYet(session.current.today)}
      {close}
      {done}
    />
  {/key}
{/if}
