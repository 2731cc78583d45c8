<script lang="ts">
  import type { CardDay } from '../api/types';
  import { isPositive } from '../common/decimal';
  import { placed, lengthOf, type Axis } from './axis';

  let { day, axis }: { day: CardDay; axis: Axis } = $props();

  const style = (bar: { from: number | null; to: number | null }) => {
    const { left, width } = placed(bar, axis);
    return `left: ${left}%; width: ${width}%`;
  };

  const scheduled = $derived(
    day.scheduledBars.length > 0
      ? day.scheduledBars
      : isPositive(day.scheduled)
        ? [lengthOf(day.scheduled, day)]
        : [],
  );
  const worked = $derived(
    day.bars.length === 0 && isPositive(day.worked) ? lengthOf(day.worked, day) : null,
  );
</script>

<div class="relative h-7 min-w-60" data-bar={day.on}>
  {#each scheduled as bar, at (at)}
    <span
      class={[
        'absolute inset-y-0.5 border border-base-content/25 bg-base-200',
        day.scheduledBars.length === 0 && 'border-dashed',
      ]}
      style={style(bar)}
    ></span>
  {/each}
  {#if day.holiday && scheduled.length > 0}
    {#each scheduled as bar, at (at)}
      <span
        class="dotted absolute inset-y-0.5 border border-secondary/50 text-secondary dark:text-base-content"
        style={style(bar)}
      ></span>
    {/each}
  {/if}
  {#each day.leave as leave (leave.requestId)}
    <span
      class={[
        'hatched absolute inset-y-0.5 border border-primary text-primary',
        !leave.approved && 'border-dashed',
      ]}
      style={style(leave.between ?? lengthOf(leave.hours, day))}
    ></span>
  {/each}
  {#if worked}
    <span
      class="absolute inset-y-1.5 border-2 border-dashed border-info bg-info/25"
      style={style(worked)}
    ></span>
  {/if}
  {#each day.bars.filter((bar) => bar.what === 'WORK') as bar, at (at)}
    <span
      class={[
        'absolute inset-y-1.5 bg-info',
        bar.from === null && 'open-begin',
        bar.to === null && 'open-end',
      ]}
      style={style(bar)}
    ></span>
  {/each}
  {#each day.bars.filter((bar) => bar.what === 'BREAK') as bar, at (at)}
    <span
      class={[
        'absolute inset-y-1 border-x border-info bg-base-100',
        (bar.from === null || bar.to === null) && 'border-dashed',
      ]}
      style={style(bar)}
    ></span>
  {/each}
</div>

<style>
  .dotted {
    background-image: radial-gradient(currentColor 1px, transparent 1.2px);
    background-size: 6px 6px;
  }
  .open-end {
    background: linear-gradient(90deg, var(--color-info), transparent);
    border-left: 3px solid var(--color-info);
  }
  .open-begin {
    background: linear-gradient(270deg, var(--color-info), transparent);
    border-right: 3px solid var(--color-info);
  }
</style>
