import type { BalanceDetail } from '../api/types';
import { amount, kindName, shortDay } from '../common/format';
import { isPositive } from '../common/decimal';

type Line = BalanceDetail['lines'][number];

/** A balance at the end of a day. */
export type Step = [day: string, balance: number];

type Changed = Pick<Line, 'on' | 'balance'>;

/** The balance of a day, of the lines in order of time. */
export function balanceOn(lines: Changed[], opening: string, day: string): string {
  return lines.findLast((line) => line.on <= day)?.balance ?? opening;
}

/** The balance at the end of each day on which it changes, from one day to another. */
export function steps(lines: Changed[], opening: string, first: string, last: string): Step[] {
  const found: Step[] = [[first, Number(balanceOn(lines, opening, first))]];
  for (const line of lines) {
    if (line.on <= first || line.on > last) continue;
    if (found.at(-1)![0] === line.on) found.pop();
    found.push([line.on, Number(line.balance)]);
  }
  if (found.at(-1)![0] < last) found.push([last, found.at(-1)![1]]);
  return found;
}

/** What of note happened on a day. */
export interface Mark {
  on: string;
  balance: number;
  /** Whether something was withheld and nothing gone. */
  withheld: boolean;
  text: string;
}

/** One mark a day for what lapsed, was paid out or withheld, at the balance of the day's end. */
export function marks(lines: Line[]): Mark[] {
  const byDay: Record<string, Mark> = {};
  for (const line of lines) {
    const gone = line.kind === 'LAPSED' || line.kind === 'PAID_OUT';
    if (!gone && !isPositive(line.withheld)) continue;
    const text = gone
      ? `${kindName(line.kind)} ${amount(line.amount)}`
      : `${amount(line.withheld)} withheld`;
    const before = byDay[line.on];
    byDay[line.on] = {
      on: line.on,
      balance: Number(line.balance),
      withheld: !gone && (before?.withheld ?? true),
      text: before ? `${before.text}, ${text}` : `${shortDay(line.on)}: ${text}`,
    };
  }
  return Object.values(byDay);
}
