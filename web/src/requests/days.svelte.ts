import type { AskedDay, DayView } from '../api/types';
import { clockTime } from '../common/clock';
import { daysBetween, plusDays } from '../common/format';

const MOST_DAYS = 120;

/** A whole day asked for. */
export function wholeDay(on: string): AskedDay {
  return { on, part: 'WHOLE', hours: null, between: null };
}

/** A day of a request as it was asked for, to be asked for again. */
export function askedAgain({ on, part, hours, between }: DayView): AskedDay {
  return { on, part, hours: part === 'HOURS' ? hours : null, between };
}

/** Days of leave from a first to a last one, the same of each. */
export class SameDays {
  first = $state('');
  last = $state('');
  part = $state<AskedDay['part']>('WHOLE');
  hours = $state('2');
  from = $state('13:00');
  to = $state('15:00');

  /** None as long as the dates or the times are not to be read. */
  readonly all = $derived.by<AskedDay[]>(() => {
    const { first, last, part } = this;
    if (!first || !last || last < first || daysBetween(first, last) >= MOST_DAYS) return [];
    const between = this.#between();
    if (part === 'TIMES' && between === null) return [];
    return Array.from({ length: daysBetween(first, last) + 1 }, (_, at) => ({
      on: plusDays(first, at),
      part,
      hours: part === 'HOURS' ? this.hours.trim().replace(',', '.') || '0' : null,
      between,
    }));
  });

  constructor(first: string, last: string) {
    this.first = first;
    this.last = last;
  }

  #between() {
    const from = clockTime(this.from);
    const to = clockTime(this.to);
    return this.part !== 'TIMES' || from === null || to === null ? null : { from, to };
  }
}
