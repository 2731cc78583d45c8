<script lang="ts">
  import type { BalanceDetail } from '../api/types';
  import Chart from '../common/charts/Chart.svelte';
  import { axis, isoOf, type Look, tooltip } from '../common/charts/look';
  import { amount, shortDay } from '../common/format';
  import { balanceOn, marks, type Step, steps } from './steps';

  let { detail }: { detail: BalanceDetail } = $props();

  const limit = $derived(detail.limits.balance ?? null);
  const useBegins = $derived(detail.figures.useBegins);
  const begins = $derived(detail.lines[0]?.on ?? detail.from);
  const waits = $derived(
    useBegins !== null && useBegins > begins && useBegins <= detail.through ? useBegins : null,
  );
  const events = $derived(marks(detail.lines));

  const label = $derived(
    `Balance from ${shortDay(detail.from)} to ${shortDay(detail.through)}; on the as-of day ${amount(detail.figures.balance)}`,
  );

  /** What is said about the day under the pointer. */
  function said(day: string): string {
    const event = events.find((each) => each.on === day);
    const balance = amount(balanceOn(detail.lines, detail.opening, day));
    return `${shortDay(day)}: ${balance}${day > detail.today ? ', forecast' : ''}${event ? `\n${event.text}` : ''}`;
  }

  function line(data: Step[], color: string, type: 'solid' | 'dashed') {
    return {
      type: 'line' as const,
      step: 'end' as const,
      data,
      symbol: 'none',
      lineStyle: { color, width: 2.5, type },
      itemStyle: { color },
    };
  }

  const option = $derived((look: Look) => {
    const small = { color: look.ink, fontSize: 11 };
    const levels = limit === null ? [] : [{ yAxis: Number(limit) }];
    return {
      grid: { left: 46, right: 16, top: 22, bottom: 24 },
      xAxis: {
        type: 'time' as const,
        min: detail.from,
        max: detail.through,
        ...axis(look),
      },
      yAxis: {
        type: 'value' as const,
        ...axis(look),
        axisLine: { show: false },
        splitLine: { lineStyle: { color: look.faint }, showMaxLine: false },
        max: ({ max }: { max: number }) => Math.max(1, max, Number(limit ?? 0)) * 1.05,
        min: ({ min }: { min: number }) => Math.min(0, min),
        axisLabel: { ...small, showMaxLabel: false },
      },
      tooltip: {
        ...tooltip(look),
        trigger: 'axis' as const,
        axisPointer: { snap: false, lineStyle: { color: look.ink, opacity: 0.5 } },
        formatter: (points: { axisValue: number }[]) => said(isoOf(points[0]!.axisValue)),
      },
      series: [
        {
          ...line(
            steps(detail.lines, detail.opening, detail.from, detail.today),
            look.now,
            'solid' as const,
          ),
          markLine: {
            silent: true,
            symbol: 'none',
            data: [
              {
                xAxis: detail.asOf,
                lineStyle: { color: look.ahead, type: 'solid' as const, width: 1.5 },
                label: { show: false },
              },
              ...levels.map((level) => ({
                ...level,
                lineStyle: { color: look.limit, type: 'dotted' as const },
                label: {
                  formatter: `balance limit ${amount(limit!)}`,
                  position: 'insideEndTop' as const,
                  ...small,
                  color: look.limit,
                },
              })),
            ],
          },
          ...(waits && {
            markArea: {
              silent: true,
              itemStyle: { color: look.wait, opacity: 0.15 },
              label: { ...small, position: 'insideTopRight' as const },
              data: [
                [{ xAxis: detail.from, name: `usable from ${shortDay(waits)}` }, { xAxis: waits }],
              ],
            },
          }),
          markPoint: {
            silent: true,
            symbolSize: 9,
            symbolOffset: [0, 8],
            label: { show: false },
            data: events.map((event) => ({
              coord: [event.on, event.balance],
              symbol: 'triangle',
              itemStyle: {
                color: event.withheld ? look.paper : look.ink,
                borderColor: look.ink,
                borderWidth: 1,
              },
            })),
          },
        },
        line(
          steps(detail.lines, detail.opening, detail.today, detail.through),
          look.ahead,
          'dashed' as const,
        ),
      ],
    };
  });
</script>

<Chart {label} {option} />
