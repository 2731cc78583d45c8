<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import Amount from '../common/Amount.svelte';
  import { counted, day, unitName } from '../common/format';
  import type { Adjusting } from './adjusting.svelte';

  let { adjusting }: { adjusting: Adjusting } = $props();

  const SHOWN = 200;

  const effects = $derived(adjusting.effects ?? []);
  /** What is wrong comes first, then what is unusual. */
  const sorted = $derived(
    [...effects].sort(
      (one, other) =>
        Number(other.wrong) - Number(one.wrong) || other.says.length - one.says.length,
    ),
  );
</script>

<h2 class="mb-1">What would become of them</h2>
<div class="sheet max-h-96 overflow-auto" data-effects>
  <table class="figures">
    <thead>
      <tr>
        <th>Person</th><th>Policy</th><th>Day</th><th class="number">Change</th><th class="number"
          >Balance</th
        ><th class="number">Would be</th><th class="number">At the year’s end</th><th>Mind</th><th
          ><span class="sr-only">Leave out</span></th
        >
      </tr>
    </thead>
    <tbody>
      {#each sorted.slice(0, SHOWN) as effect (effect)}
        <tr class={effect.wrong ? 'border-l-4 border-error' : ''}>
          <td>{effect.person} <span class="quiet text-sm">{effect.team}</span></td>
          <td>{effect.policy}{effect.unit ? `, ${unitName(effect.unit)}` : ''}</td>
          <td class="whitespace-nowrap">{day(effect.row.on)}</td>
          <td class="number"><Amount value={effect.row.amount} change /></td>
          <td class="number"
            >{#if effect.before}<Amount value={effect.before} />{/if}</td
          >
          <td class="number font-semibold"
            >{#if effect.after}<Amount value={effect.after} />{/if}</td
          >
          <td class="number" title={effect.yearEnds ? day(effect.yearEnds) : undefined}>
            {#if effect.endBefore && effect.endAfter}
              <Amount value={effect.endBefore} /> → <Amount value={effect.endAfter} />
            {/if}
          </td>
          <td class="text-sm">{effect.says.join('; ')}</td>
          <td>
            <button
              class="btn btn-ghost btn-xs"
              aria-label={`Leave ${effect.person} out`}
              onclick={() => adjusting.without(effect)}><X size={14} aria-hidden="true" /></button
            >
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if effects.length > SHOWN}
  <p class="quiet text-sm">
    {counted(effects.length, 'change')}; the first {SHOWN} are shown, with whatever is wrong or unusual.
  </p>
{/if}
<div class="my-3 flex flex-wrap items-end gap-3">
  <label>
    <span class="block text-sm font-semibold">What it is, for the list below</span>
    <input class="input w-96" name="what" maxlength="300" bind:value={adjusting.what} />
  </label>
  <button
    class="btn btn-primary"
    disabled={adjusting.work.busy ||
      adjusting.wrong > 0 ||
      adjusting.unread.length > 0 ||
      effects.length === 0 ||
      adjusting.what.trim() === ''}
    onclick={() => adjusting.make()}>Adjust {counted(effects.length, 'balance')}</button
  >
  <button class="btn" onclick={() => adjusting.forget()}>Not now</button>
  {#if adjusting.wrong + adjusting.unread.length > 0}
    <span
      >{adjusting.wrong + adjusting.unread.length} cannot be taken; mend the list or leave them out. Nothing
      is done until then.</span
    >
  {/if}
</div>
