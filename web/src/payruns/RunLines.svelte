<script lang="ts">
  import { isPositive, isZero } from '../common/decimal';
  import type { WorksheetLine } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import Cause from '../common/Cause.svelte';
  import { amount, day, kindName } from '../common/format';

  let { lines }: { lines: WorksheetLine[] } = $props();
</script>

{#if lines.length === 0}
  <p>Nothing happens to this balance in the period.</p>
{:else}
  <table class="figures">
    <thead><tr><th>Day</th><th>What</th><th class="number">Change</th><th>Why</th></tr></thead>
    <tbody>
      {#each lines as line, index (index)}
        <tr data-sort={line.sort}>
          <td class="whitespace-nowrap">{day(line.on)}</td>
          <td>
            {kindName(line.kind)}
            {#if line.sort === 'CORRECTION'}
              <span class="block text-sm font-semibold">Correction for {day(line.about)}</span>
            {/if}
          </td>
          <td class="number"><Amount value={line.amount} change /></td>
          <td>
            {line.why}
            {#if line.sort === 'CORRECTION' && !isZero(line.withheld)}
              <span class="block text-sm">
                {isPositive(line.withheld)
                  ? `${amount(line.withheld)} more is withheld`
                  : `${amount(line.withheld.replace('-', ''))} less is withheld`}
              </span>
            {/if}
            {#if line.cause}
              <span class="block text-sm"><Cause cause={line.cause} /></span>
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
