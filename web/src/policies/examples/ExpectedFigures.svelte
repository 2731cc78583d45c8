<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import type { ExampleOutcome } from '../../api/types';
  import DateField from '../../common/DateField.svelte';
  import { isDecimal, sameNumber } from '../../common/decimal';
  import { amount } from '../../common/format';
  import { type ExpectedDay, type Figure, FIGURE_WORDS, FIGURES } from './example';

  let {
    days = $bindable(),
    outcome,
  }: {
    days: ExpectedDay[];
    /** What the text gives now; null while it is not known. */
    outcome: ExampleOutcome | null;
  } = $props();

  function comes(day: ExpectedDay, figure: Figure): string | null {
    const found = outcome?.days.find((each) => each.asOf === day.asOf);
    return found?.figures.find((each) => each.name === figure)?.is ?? null;
  }

  function differs(day: ExpectedDay, figure: Figure): boolean {
    const typed = (day[figure] ?? '').trim().replace(',', '.');
    const is = comes(day, figure);
    return is !== null && isDecimal(typed) && !sameNumber(typed, is);
  }
</script>

<div class="overflow-x-auto">
  <table class="figures text-sm">
    <thead>
      <tr>
        <th>On</th>
        {#each FIGURES as figure (figure)}<th
            class="number max-w-20 align-bottom !whitespace-normal">{FIGURE_WORDS[figure]}</th
          >{/each}
        <th><span class="sr-only">Remove</span></th>
      </tr>
    </thead>
    <tbody>
      {#each days as day, index (index)}
        <tr>
          <td>
            <DateField
              class="input w-32 input-sm"
              label={`Day ${index + 1}`}
              bind:value={day.asOf}
            />
          </td>
          {#each FIGURES as figure (figure)}
            <td class="number align-top">
              <input
                class={[
                  'input w-20 text-right input-sm',
                  differs(day, figure) && 'border-2 border-error',
                ]}
                inputmode="decimal"
                aria-label={`${FIGURE_WORDS[figure]} expected on day ${index + 1}`}
                value={day[figure] ?? ''}
                oninput={(event) => (day[figure] = event.currentTarget.value)}
              />
              {#if comes(day, figure) !== null}
                <span class={['block', differs(day, figure) ? 'font-semibold' : 'quiet']}
                  >{differs(day, figure) ? '≠ ' : ''}{amount(comes(day, figure)!)}</span
                >
              {/if}
            </td>
          {/each}
          <td>
            <button
              class="btn btn-ghost btn-xs"
              aria-label={`Remove day ${index + 1}`}
              onclick={() => (days = days.filter((_, other) => other !== index))}
              ><X size={14} aria-hidden="true" /></button
            >
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
