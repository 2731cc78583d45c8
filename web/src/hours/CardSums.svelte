<script lang="ts">
  import type { Card } from '../api/types';
  import { isPositive } from '../common/decimal';
  import { amount, counted } from '../common/format';

  let { totals }: { totals: Card['totals'] } = $props();

  const figures = $derived(
    [
      { name: 'Worked', hours: totals.worked, always: true },
      ...totals.hours
        .filter((each) => each.kind !== 'regular')
        .map((each) => ({ name: `of it ${each.kind}`, hours: each.hours, always: false })),
      { name: 'To be worked', hours: totals.capacity, always: true },
      { name: 'Leave', hours: totals.leave, always: false },
      { name: 'Paid holiday', hours: totals.holiday, always: false },
      { name: 'Over', hours: totals.over, always: false },
      { name: 'Under', hours: totals.under, always: false },
    ].filter((each) => each.always || isPositive(each.hours)),
  );
</script>

<div class="flex flex-wrap items-baseline gap-x-6 gap-y-1" data-sums>
  <dl class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
    {#each figures as { name, hours } (name)}
      <div class="flex items-baseline gap-1.5">
        <dt class="quiet text-sm">{name}</dt>
        <dd class="text-lg font-semibold" title={hours}>
          {amount(hours)} <span class="text-sm font-normal">h</span>
        </dd>
      </div>
    {/each}
  </dl>
  <div class={['ml-auto', totals.unfinished > 0 && 'border-b-2 border-error font-semibold']}>
    {totals.unfinished > 0 ? counted(totals.unfinished, 'unfinished day') : 'No unfinished day'}
  </div>
</div>
