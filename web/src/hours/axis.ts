import type { Card, CardBar, CardDay } from '../api/types';

const HOUR = 60;
const EARLIEST = 7 * HOUR;
const LATEST = 18 * HOUR;
/** Where a day's hours are drawn from when nothing says at which time they were worked. */
const USUAL_BEGIN = 8 * HOUR;

/** From which to which minute of the day a card is drawn. */
export interface Axis {
  from: number;
  to: number;
}

/** A stretch on the axis, in percent of it. */
export interface Placed {
  left: number;
  width: number;
}

/** The axis on which everything of a card finds its place, in whole hours. */
export function axisOf(card: Pick<Card, 'days'>): Axis {
  const minutes = card.days.flatMap((day) =>
    [...day.bars, ...day.scheduledBars, ...day.leave.flatMap((each) => each.between ?? [])].flatMap(
      (bar) => [bar.from, bar.to].filter((at) => at !== null),
    ),
  );
  const from = Math.min(EARLIEST, ...minutes);
  const to = Math.max(LATEST, ...minutes);
  return { from: Math.floor(from / HOUR) * HOUR, to: Math.ceil(to / HOUR) * HOUR };
}

/** The hours to be written along the axis, as few as leave room between them. */
export function ticks(axis: Axis): { at: number; words: string }[] {
  const step = axis.to - axis.from > 14 * HOUR ? 4 * HOUR : 2 * HOUR;
  const all = [];
  for (let at = Math.ceil(axis.from / step) * step; at <= axis.to; at += step)
    all.push({
      at: ((at - axis.from) / (axis.to - axis.from)) * 100,
      words: String((at / HOUR) % 24),
    });
  return all;
}

/** Where a stretch lies; one without begin or end is drawn for an hour. */
export function placed(bar: Pick<CardBar, 'from' | 'to'>, axis: Axis): Placed {
  const from = bar.from ?? bar.to! - HOUR;
  const to = bar.to ?? bar.from! + HOUR;
  const whole = axis.to - axis.from;
  return { left: ((from - axis.from) / whole) * 100, width: ((to - from) / whole) * 100 };
}

/** As much time as some hours take, from when the day begins. */
export function lengthOf(hours: string, day: Pick<CardDay, 'scheduledBars'>): CardBar {
  const from = day.scheduledBars[0]?.from ?? USUAL_BEGIN;
  return { what: 'WORK', from, to: from + Math.round(Number(hours) * HOUR) };
}
