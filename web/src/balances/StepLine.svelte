<script lang="ts">
  import type { BalanceDetail } from '../api/types';
  import { amount, daysBetween, kindName, monthName, plusDays, shortDay } from '../common/format';

  let { detail }: { detail: BalanceDetail } = $props();

  const WIDTH = 1000;
  const HEIGHT = 230;
  const LEFT = 44;
  const TOP = 14;
  const BOTTOM = 26;
  const STEPS = 5;

  const limit = $derived(detail.limits.balance ?? null);
  const days = $derived(daysBetween(detail.from, detail.through) + 1);
  const values = $derived([
    0,
    Number(detail.opening),
    ...detail.lines.map((line) => Number(line.balance)),
    ...(limit ? [Number(limit)] : []),
  ]);
  const highest = $derived(Math.max(1, ...values) * 1.08);
  const lowest = $derived(Math.min(0, ...values) * 1.08);

  function x(iso: string): number {
    return LEFT + (daysBetween(detail.from, iso) / days) * (WIDTH - LEFT);
  }

  function y(value: number): number {
    return TOP + ((highest - value) / (highest - lowest)) * (HEIGHT - TOP - BOTTOM);
  }

  function path(first: string, last: string): string {
    const before = detail.lines.findLast((line) => line.on <= first);
    const start = Number(before?.balance ?? detail.opening);
    const steps = detail.lines
      .filter((line) => line.on > first && line.on <= last)
      .map((line) => `H${x(line.on)}V${y(Number(line.balance))}`);
    return `M${x(first)} ${y(start)}${steps.join('')}H${x(last)}`;
  }

  /** Round figures along the axis, a few of them. */
  const levels = $derived.by(() => {
    const rough = (highest - lowest) / STEPS;
    const power = 10 ** Math.floor(Math.log10(rough));
    const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough)!;
    const first = Math.ceil(lowest / step);
    const count = Math.floor(highest / step) - first + 1;
    return Array.from({ length: count }, (_, at) => (first + at) * step);
  });

  let looked = $state<string | null>(null);

  /** The day under the pointer. */
  function look(event: PointerEvent) {
    const box = (event.currentTarget as SVGElement).getBoundingClientRect();
    const at = ((event.clientX - box.left) / box.width) * WIDTH;
    const which = Math.round(((at - LEFT) / (WIDTH - LEFT)) * days);
    looked = which < 0 || which >= days ? null : plusDays(detail.from, which);
  }

  function balanceOn(iso: string): string {
    return detail.lines.findLast((line) => line.on <= iso)?.balance ?? detail.opening;
  }

  const past = $derived(path(detail.from, detail.today));
  const future = $derived(path(detail.today, detail.through));

  const months = $derived.by(() => {
    const starts: string[] = [];
    for (let iso = detail.from; iso <= detail.through; iso = plusDays(iso, 1)) {
      if (iso.endsWith('-01')) {
        starts.push(iso);
      }
    }
    return starts;
  });

  interface Event {
    on: string;
    balance: string;
    withheld: boolean;
    text: string;
  }

  /** One mark a day for what lapsed, was paid out or withheld, at the balance of the day's end. */
  const events = $derived.by(() => {
    const byDay: Record<string, Event> = {};
    for (const line of detail.lines) {
      const gone = line.kind === 'LAPSED' || line.kind === 'PAID_OUT';
      if (gone || Number(line.withheld) > 0) {
        const text = gone
          ? `${kindName(line.kind)} ${amount(line.amount)}`
          : `${amount(line.withheld)} withheld`;
        const before = byDay[line.on];
        byDay[line.on] = {
          on: line.on,
          balance: line.balance,
          withheld: !gone && (before?.withheld ?? true),
          text: before ? `${before.text}, ${text}` : `${shortDay(line.on)}: ${text}`,
        };
      }
    }
    return Object.values(byDay);
  });
  const useBegins = $derived(detail.figures.useBegins);
  const begins = $derived(detail.lines[0]?.on ?? detail.from);
</script>

<svg
  viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
  class="w-full"
  role="img"
  onpointermove={look}
  onpointerleave={() => (looked = null)}
  aria-label={`Balance from ${shortDay(detail.from)} to ${shortDay(detail.through)}; on the as-of day ${amount(detail.figures.balance)}`}
>
  {#each months as start, index (start)}
    <line x1={x(start)} x2={x(start)} y1={TOP} y2={HEIGHT - BOTTOM} class="stroke-base-300" />
    {#if index % 2 === 0}
      <text x={x(start) + 3} y={HEIGHT - 8} class="fill-base-content text-[11px]"
        >{monthName(start)}</text
      >
    {/if}
  {/each}
  {#each levels as level (level)}
    <line x1={LEFT} x2={WIDTH} y1={y(level)} y2={y(level)} class="stroke-base-300" />
    <text x={LEFT - 6} y={y(level) + 4} text-anchor="end" class="fill-base-content text-[11px]"
      >{amount(String(level))}</text
    >
  {/each}
  <line x1={LEFT} x2={WIDTH} y1={y(0)} y2={y(0)} class="stroke-base-content/50" />
  {#if limit}
    <line
      x1={LEFT}
      x2={WIDTH}
      y1={y(Number(limit))}
      y2={y(Number(limit))}
      class="stroke-error"
      stroke-dasharray="2 4"
    />
    <text x={WIDTH - 4} y={y(Number(limit)) - 4} text-anchor="end" class="fill-error text-[11px]"
      >balance limit {amount(limit)}</text
    >
  {/if}
  {#if useBegins && useBegins > begins && useBegins <= detail.through}
    <rect
      x={LEFT}
      y={TOP}
      width={Math.max(0, x(useBegins) - LEFT)}
      height={HEIGHT - TOP - BOTTOM}
      class="fill-accent/15"
    />
    <text x={x(useBegins) + 4} y={TOP + 10} class="fill-base-content text-[11px]"
      >usable from {shortDay(useBegins)}</text
    >
  {/if}
  <path d={past} fill="none" class="stroke-secondary dark:stroke-info" stroke-width="2.5" />
  <path d={future} fill="none" class="stroke-primary" stroke-width="2.5" stroke-dasharray="6 4" />
  {#each events as event (event.on)}
    <g>
      <path
        d={`M${x(event.on)} ${y(Number(event.balance)) + 3}l5 9h-10z`}
        class={event.withheld ? 'fill-none stroke-base-content' : 'fill-base-content'}
      />
      <title>{event.text}</title>
    </g>
  {/each}
  <line
    x1={x(detail.asOf)}
    x2={x(detail.asOf)}
    y1={4}
    y2={HEIGHT - BOTTOM}
    class="stroke-primary"
    stroke-width="1.5"
  />
  <path d={`M${x(detail.asOf) - 6} 0h12l-6 9z`} class="fill-primary" />
  {#if looked !== null}
    {@const held = balanceOn(looked)}
    {@const right = x(looked) > WIDTH * 0.8}
    <circle cx={x(looked)} cy={y(Number(held))} r="4" class="fill-base-content" />
    <text
      x={x(looked) + (right ? -8 : 8)}
      y={Math.max(TOP + 12, y(Number(held)) - 8)}
      text-anchor={right ? 'end' : 'start'}
      class="fill-base-content text-[13px] font-semibold"
      data-looked
      >{shortDay(looked)}: {amount(held)}{looked > detail.today ? ', forecast' : ''}</text
    >
  {/if}
</svg>
