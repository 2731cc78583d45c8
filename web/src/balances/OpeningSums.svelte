<script lang="ts">
  import type { OpeningCheck } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { unitName } from '../common/format';

  let { sums }: { sums: OpeningCheck['sums'] } = $props();
</script>

<table class="figures max-w-3xl" data-sums>
  <thead>
    <tr>
      <th>To compare with the totals of before</th>
      <th class="number">People</th>
      <th class="number">Balance</th>
      <th class="number">Earned</th>
      <th class="number">Used</th>
    </tr>
  </thead>
  <tbody>
    {#each sums as sum (sum.policy)}
      <tr>
        <td>{sum.policy}, {unitName(sum.unit)}</td>
        <td class="number">{sum.people}</td>
        <td class="number"><Amount value={sum.balance} /></td>
        <td class="number"><Amount value={sum.earnedThisYear} /></td>
        <td class="number"><Amount value={sum.usedThisYear} /></td>
      </tr>
    {/each}
  </tbody>
</table>
