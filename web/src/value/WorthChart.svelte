<script lang="ts">
  import type { ValueView } from '../api/types';
  import Chart from '../common/charts/Chart.svelte';
  import { axis, type Look, tooltip } from '../common/charts/look';
  import { day, money, shortDay } from '../common/format';

  let { view }: { view: ValueView } = $props();

  const now = $derived(view.series.filter((point) => !point.expected));
  const ahead = $derived(view.series.slice(Math.max(0, now.length - 1)));
  const last = $derived(view.series.at(-1)!);

  const label = $derived(
    `Worth of leave from ${day(view.since)} to ${day(last.on)}, when it is expected to be ${money(last.worth)}; on ${day(view.asOf)} it is ${money(view.all.change.after)}`,
  );

  function line(
    points: ValueView['series'],
    colour: string,
    type: 'solid' | 'dashed',
    symbol: string,
  ) {
    return {
      type: 'line' as const,
      data: points.map((point) => [point.on, Number(point.worth)]),
      lineStyle: { color: colour, width: 2.5, type },
      itemStyle: { color: colour },
      symbol,
      symbolSize: 6,
    };
  }

  const option = $derived((look: Look) => ({
    grid: { left: 76, right: 24, top: 22, bottom: 26 },
    xAxis: {
      type: 'time' as const,
      ...axis(look),
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value' as const,
      scale: true,
      ...axis(look),
      axisLine: { show: false },
    },
    tooltip: {
      ...tooltip(look),
      trigger: 'axis' as const,
      formatter: (points: { data: [string, number] }[]) =>
        `${shortDay(points[0]!.data[0])}: ${money(String(points[0]!.data[1]))}`,
    },
    series: [
      {
        ...line(now, look.now, 'solid', 'circle'),
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: look.ahead, type: 'solid' as const, width: 1.5 },
          label: { formatter: day(view.asOf), color: look.ink, fontSize: 11 },
          data: [{ xAxis: view.asOf }],
        },
      },
      line(ahead, look.ahead, 'dashed', 'emptyDiamond'),
    ],
  }));
</script>

<Chart {label} {option} height={210} />
<details class="px-2 pb-2">
  <summary class="cursor-pointer text-sm">The same as a table</summary>
  <table class="figures max-w-md text-sm">
    <thead
      ><tr
        ><th>At the end of</th><th class="number">Worth</th><th
          ><span class="sr-only">Change</span></th
        ></tr
      ></thead
    >
    <tbody>
      {#each view.series as point (point.on)}
        <tr>
          <td>{day(point.on)}</td>
          <td class="number">{money(point.worth)}</td>
          <td class="quiet">{point.expected ? 'forecast' : ''}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</details>
