<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { type Snippet, tick, untrack } from 'svelte';
  import type { Problem } from '../api/problem';
  import type { RuleConflict, Terms, Unit } from '../api/types';
  import { unitName } from '../common/format';
  import Blank from './Blank.svelte';
  import CarriedUsableSentence from './CarriedUsableSentence.svelte';
  import CarrySentence from './CarrySentence.svelte';
  import Choice from './Choice.svelte';
  import EarningSentence from './EarningSentence.svelte';
  import { type Figures, provideFigures } from './figures.svelte';
  import { LIMITS } from './limits';
  import TenureSentence from './TenureSentence.svelte';
  import { RULES_TO_ADD } from './terms';
  import TimeBlank from './TimeBlank.svelte';
  import WaitSentence from './WaitSentence.svelte';

  let {
    terms = $bindable(),
    unit,
    figures,
    problem,
    conflicts = [],
  }: {
    terms: Terms;
    unit: Unit;
    figures: Figures;
    problem: Problem | null;
    conflicts?: RuleConflict[];
  } = $props();

  untrack(() => provideFigures(figures));

  const units = $derived(unitName(unit));
  const at = $derived(problem?.field ?? null);
  const toAdd = $derived(
    Object.entries(RULES_TO_ADD).filter(
      ([, rule]) => !rule.has(terms) && (rule.fits?.(terms) ?? true),
    ),
  );

  /** Where something of how time is earned can be wrong. */
  const EARNING_FIELDS = ['amount', 'perYear', 'earn', 'forEvery', 'counts'].map(
    (name) => `terms.earning.${name}`,
  );

  let sentences = $state<HTMLElement | null>(null);
  let offer = $state<HTMLElement | null>(null);

  /** Adds a rule and goes to what can be changed in it. */
  async function add(key: string) {
    RULES_TO_ADD[key]?.add(terms);
    await tick();
    sentences
      ?.querySelector<HTMLElement>(`[data-rule="${key}"] :is(input, select, button)`)
      ?.focus();
  }

  /** Takes a rule away and goes to where it could be added again. */
  async function remove(key: string) {
    RULES_TO_ADD[key]?.remove(terms);
    await tick();
    offer?.focus();
  }
</script>

{#snippet rule(key: string, body: Snippet)}
  {#if RULES_TO_ADD[key]!.has(terms)}
    <li class="group" data-rule={key}>
      {@render body()}
      <button
        class="ml-1 align-middle opacity-50 hover:opacity-100 focus:opacity-100"
        aria-label={`Take away: ${RULES_TO_ADD[key]!.name}`}
        onclick={() => remove(key)}><X size={14} aria-hidden="true" /></button
      >
      {@render wrong(`terms.${key}`)}
    </li>
  {/if}
{/snippet}

{#snippet wrong(field: string)}
  {#if at === field || at?.startsWith(`${field}.`)}
    <p role="alert" class="border-l-4 border-error pl-2 text-base text-error">{problem?.message}</p>
  {/if}
  {#each conflicts.filter((each) => each.field === field) as conflict (conflict.message)}
    <p role="status" class="border-l-4 border-accent bg-base-200 pl-2 text-base" data-conflict>
      Does this go together? {conflict.message}
    </p>
  {/each}
{/snippet}

{#if figures.left.length > 0}
  <p
    role="status"
    class="mb-3 max-w-2xl border-l-4 border-accent bg-base-200 px-3 py-1"
    data-to-look-at
  >
    {figures.left.length === 1 ? '1 figure' : `${figures.left.length} figures`} came with the starting
    point and {figures.left.length === 1 ? 'stands' : 'stand'} in a dashed frame. Step through them with
    Tab and make them yours; until then the policy cannot be put in force.
  </p>
{/if}
<ul bind:this={sentences} class="max-w-2xl space-y-2.5 text-lg leading-relaxed">
  <li>
    <EarningSentence bind:earning={terms.earning} {unit} problemAt={at} />
    {#each EARNING_FIELDS as field (field)}{@render wrong(field)}{/each}
  </li>

  {#snippet tenure()}
    <TenureSentence bind:tenure={terms.tenure} problemAt={at} />
  {/snippet}
  {@render rule('tenure', tenure)}

  {#snippet waitToEarn()}
    <WaitSentence bind:wait={terms.waitToEarn!} begins="Earning begins" before="earning" />
  {/snippet}
  {@render rule('waitToEarn', waitToEarn)}

  {#snippet waitToUse()}
    <WaitSentence bind:wait={terms.waitToUse!} begins="Time can be used" before="use" />
  {/snippet}
  {@render rule('waitToUse', waitToUse)}

  {#snippet scaling()}
    Part-timers earn in proportion to
    <Choice
      name="What part-timers earn by"
      choices={[
        ['FTE', 'their full-time equivalent'],
        ['DAYS', 'the days they work a week'],
      ]}
      bind:value={
        () => (terms.scaleByDaysOfWeek === null ? 'FTE' : 'DAYS'),
        (chosen) => {
          terms.scaleByFte = chosen === 'FTE';
          terms.scaleByDaysOfWeek = chosen === 'DAYS' ? 5 : null;
        }
      }
    />{#if terms.scaleByDaysOfWeek !== null}, out of
      <Blank
        name="Days of a full week"
        field="terms.scaleByDaysOfWeek"
        problemAt={at}
        bind:value={terms.scaleByDaysOfWeek}
      />
      days of a full week{/if}.
  {/snippet}
  {@render rule('scaling', scaling)}

  {#each LIMITS as { limit: name, before, after, figure } (name)}
    {#snippet limit()}
      {before}
      <Blank
        name={figure}
        field={`terms.limits.${name}`}
        problemAt={at}
        bind:value={() => terms.limits[name] ?? null, (typed) => (terms.limits[name] = typed ?? '')}
      />
      {units}{after}
    {/snippet}
    {@render rule(`limits.${name}`, limit)}
  {/each}

  {#snippet carry()}
    <CarrySentence bind:yearEnd={terms.yearEnd} {units} problemAt={at} />
  {/snippet}
  {@render rule('yearEnd.carry', carry)}

  {#snippet carriedUsable()}
    <CarriedUsableSentence bind:usable={terms.yearEnd.carriedUsable!} problemAt={at} />
  {/snippet}
  {@render rule('yearEnd.carriedUsable', carriedUsable)}

  {#snippet creditsUsable()}
    Each credit must be used within
    <TimeBlank name="each credit" bind:time={terms.creditsUsable!} />.
  {/snippet}
  {@render rule('creditsUsable', creditsUsable)}

  {#snippet rounding()}
    What is earned in a benefit year is rounded
    <Choice
      name="Which way to round"
      choices={[
        ['half-up', 'to the nearer step'],
        ['up', 'up to the next step'],
        ['down', 'down to the step before'],
      ]}
      bind:value={terms.rounding!.mode}
    />
    of
    <Blank
      name="Rounding step"
      field="terms.rounding"
      problemAt={at}
      bind:value={terms.rounding!.step}
    />
    {units}, as a running total.
  {/snippet}
  {@render rule('rounding', rounding)}

  <li>
    Whoever leaves
    <Choice
      name="On leaving"
      choices={[
        ['lapse', 'loses what is left'],
        ['pay-out', 'is paid what is left'],
      ]}
      bind:value={terms.onLeaving}
    />.
  </li>
</ul>
{#if toAdd.length > 0}
  <details class="mt-4 max-w-2xl">
    <summary class="cursor-pointer list-none font-semibold" bind:this={offer}>+ add a rule</summary>
    <ul class="mt-2 flex flex-wrap gap-2">
      {#each toAdd as [key, offered] (key)}
        <li>
          <button type="button" class="btn btn-sm" data-offer={key} onclick={() => add(key)}
            >{offered.name}</button
          >
        </li>
      {/each}
    </ul>
  </details>
{/if}
