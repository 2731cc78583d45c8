<script lang="ts">
  import type { BalanceDetail } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { isPositive } from '../common/decimal';
  import { amount, day, kindName } from '../common/format';
  import { session } from '../frame/session.svelte';
  import { factOf } from './facts';

  let {
    lines,
    of,
  }: {
    lines: BalanceDetail['lines'];
    /** Whose it is, in which policy: each line then leads to its fact. */
    of?: { personId: number; code: string; policyId: number };
  } = $props();
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" role="group" aria-label="The ledger" tabindex="0">
  <table class="figures">
    <thead>
      <tr>
        <th>Day</th><th>What</th><th class="number">Change</th><th class="number">Balance</th><th
          >Why</th
        >
      </tr>
    </thead>
    <tbody>
      {#each lines as line, index (index)}
        <tr>
          <td class="whitespace-nowrap">{day(line.on)}</td>
          <td class="whitespace-nowrap">{kindName(line.kind)}</td>
          <td class="number">
            <Amount value={line.amount} change />
            {#if isPositive(line.withheld)}
              <span class="block text-xs" title={line.withheld}
                >{amount(line.withheld)} withheld</span
              >
            {/if}
          </td>
          <td class="number"><Amount value={line.balance} /></td>
          <td class="text-sm">
            {line.why}
            {#if of}
              {@const fact = factOf(line, of, (permission) => session.may(permission))}
              {#if fact}<a class="whitespace-nowrap underline" href={fact.href}>{fact.words}</a
                >{/if}
            {/if}
          </td>
        </tr>
      {:else}
        <tr><td colspan="5" class="quiet">Nothing in the months shown.</td></tr>
      {/each}
    </tbody>
  </table>
</div>
