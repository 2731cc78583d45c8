<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import DateField from '../../common/DateField.svelte';
  import { FACT_WORDS, type Fact, factKind, type FactKind, factOf, firstDay } from './example';

  let {
    fact = $bindable(),
    number,
    fault = null,
    remove,
  }: {
    fact: Fact;
    /** Its place among the facts, from 1 on. */
    number: number;
    /** What is wrong with it. */
    fault?: string | null;
    remove: () => void;
  } = $props();

  const kind = $derived(factKind(fact));
</script>

{#snippet figure(
  key: 'work' | 'take' | 'adjust' | 'opening' | 'earnedThisYear' | 'usedThisYear',
  label: string,
)}
  <input
    class="input w-20 input-sm"
    inputmode="decimal"
    aria-label={`${label} of fact ${number}`}
    value={fact[key] ?? ''}
    oninput={(event) => (fact[key] = event.currentTarget.value)}
  />
{/snippet}

<li class="flex flex-wrap items-center gap-2 py-1">
  <select
    class="select w-44 select-sm"
    aria-label={`What happens, fact ${number}`}
    value={kind}
    onchange={(event) => (fact = factOf(event.currentTarget.value as FactKind, firstDay(fact)))}
  >
    {#each Object.entries(FACT_WORDS) as [each, said] (each)}<option value={each}>{said}</option
      >{/each}
  </select>
  {#if kind === 'WORKS' || kind === 'AWAY'}
    from <DateField
      class="input w-36 input-sm"
      label={`First day of fact ${number}`}
      bind:value={
        () => fact.from ?? fact.on ?? '',
        (day) => (fact = { ...fact, from: day, to: fact.to ?? day, on: undefined })
      }
    />
    to <DateField
      class="input w-36 input-sm"
      label={`Last day of fact ${number}`}
      bind:value={
        () => fact.to ?? fact.on ?? '',
        (day) => (fact = { ...fact, from: fact.from ?? day, to: day, on: undefined })
      }
    />
  {:else}
    {#if kind === 'HOURS'}{@render figure('work', 'Hours')}{/if}
    {#if kind === 'TAKES'}{@render figure('take', 'Amount')}{/if}
    {#if kind === 'ADJUSTED'}{@render figure('adjust', 'Amount')}{/if}
    {#if kind === 'OPENING'}{@render figure('opening', 'Balance')}{/if}
    on <DateField
      class="input w-36 input-sm"
      label={`Day of fact ${number}`}
      bind:value={() => fact.on ?? '', (day) => (fact.on = day)}
    />
    {#if kind === 'HOURS'}
      of kind <input
        class="input w-28 input-sm"
        aria-label={`Kind of hours of fact ${number}`}
        placeholder="regular"
        bind:value={fact.kind}
      />
    {:else if kind === 'ADJUSTED'}
      <input
        class="input w-40 input-sm"
        aria-label={`Reason of fact ${number}`}
        placeholder="why"
        bind:value={fact.reason}
      />
    {:else if kind === 'OPENING'}
      earned {@render figure('earnedThisYear', 'Earned')} used {@render figure(
        'usedThisYear',
        'Used',
      )}
    {/if}
  {/if}
  <button class="btn btn-ghost btn-xs" aria-label={`Remove fact ${number}`} onclick={remove}
    ><X size={14} aria-hidden="true" /></button
  >
  {#if fault}<span role="alert" class="w-full border-l-4 border-error pl-2 text-sm text-error"
      >{fault}</span
    >{/if}
</li>
