import type { Terms } from '../api/types';

export type LimitName = keyof Terms['limits'];

/** How a limit is written into a text and offered for one person. */
interface LimitWords {
  limit: LimitName;
  /** Under which it is offered. */
  offer: string;
  /** A figure to begin with. */
  first: string;
  /** Its sentence before and after the figure. */
  before: string;
  after: string;
  /** What the figure is called. */
  figure: string;
  /** What an exception says of it. */
  exception: string;
}

export const LIMITS: LimitWords[] = [
  {
    limit: 'balance',
    offer: 'A limit on what may be held',
    first: '60',
    before: 'Nobody holds more than',
    after: '; what would go over it is withheld.',
    figure: 'Balance limit',
    exception: 'May hold at most',
  },
  {
    limit: 'earnedPerYear',
    offer: 'A limit on what may be earned a year',
    first: '50',
    before: 'In a benefit year at most',
    after: ' are earned.',
    figure: 'Earned a year',
    exception: 'Earns a year at most',
  },
  {
    limit: 'usedPerYear',
    offer: 'A limit on what may be used a year',
    first: '50',
    before: 'In a benefit year at most',
    after: ' may be used.',
    figure: 'Used a year',
    exception: 'Uses a year at most',
  },
  {
    limit: 'overdraw',
    offer: 'How far the balance may be overdrawn',
    first: '4',
    before: 'A request may take the balance down to',
    after: ' below zero.',
    figure: 'Overdraw',
    exception: 'May overdraw by',
  },
];

/** The figure of a limit in a text, null for none; an empty figure is written as one that is missing. */
export function limitOf(terms: Terms, limit: LimitName): string | null {
  return terms.limits[limit] ?? null;
}
