<script lang="ts">
  import type { OwnGlance } from '../api/types';
  import { withUnit } from '../common/format';

  let { glance }: { glance: OwnGlance } = $props();
</script>

<div
  class="w-full bg-base-100 px-5 py-3 text-left text-base font-normal text-base-content"
  data-glance
>
  <p class="text-xl font-semibold">{glance.person}</p>
  <p class="mb-2">
    {glance.today ? `Today ${glance.today}` : 'Nothing stands on today’s card yet.'}
  </p>
  <table class="w-full">
    <tbody>
      {#each glance.balances as balance (balance.policy)}
        <tr class="border-t border-base-300">
          <td class="py-0.5">{balance.policy}</td>
          <td class="text-right font-semibold whitespace-nowrap"
            >{withUnit(balance.askable, balance.unit)}</td
          >
          <td class="quiet pl-3 text-sm">{balance.upAhead}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
