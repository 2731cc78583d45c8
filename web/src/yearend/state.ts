import type { YearEndRow, YearEndView } from '../api/types';
import { isPositive } from '../common/decimal';
import { day, money, peopleCounted, withUnit } from '../common/format';

export type Show = 'ALL' | 'LOSING' | 'OTHERWISE' | 'EXCEPTIONS';

/** What of the people is shown, and in what words it is chosen. */
export const SHOWN: Record<Show, string> = {
  ALL: 'everybody',
  LOSING: 'who loses something',
  OTHERWISE: 'who comes out otherwise than reviewed',
  EXCEPTIONS: 'who has an exception',
};

/** How a year's end is with its review, in a few words. */
export function stateWords({ state, provisional }: YearEndRow, kept: boolean): string {
  const words = {
    AHEAD: kept ? 'as reviewed' : 'ahead',
    CHANGED: 'changed since',
    MATCHED: 'came as reviewed',
    DIFFERS: 'came otherwise',
    UNSEEN: 'happened, not reviewed',
  }[state];
  return provisional ? `${words}, period still open` : words;
}

/** The year whose end somebody most likely wants to look at: the coming one, or with own days for everybody this one. */
export function likelyYear(today: string, benefitYear: string): number {
  const year = Number(today.slice(0, 4));
  if (benefitYear === 'hire-anniversary') return year;
  return today.slice(5) < benefitYear ? year : year + 1;
}

/** Whether money is among the figures. */
export function hasMoney({ all }: YearEndView): boolean {
  return all.carriedWorth !== null || all.lostWorth !== null;
}

/** What it comes to, in one sentence; empty where there is none. */
export function sentenceOf({ all, unit, first, last, ahead }: YearEndView): string {
  if (first === null || last === null) return '';
  const isAhead = ahead > 0;
  const when = first === last ? `On ${day(first)}` : `From ${day(first)} to ${day(last)}`;
  const lose = all.losing === 1 ? 'loses' : 'lose';
  const worth =
    all.lostWorth !== null && isPositive(all.lostWorth) ? ` (${money(all.lostWorth)})` : '';
  const lost =
    all.losing === 0
      ? 'nobody loses any'
      : `${peopleCounted(all.losing)} ${isAhead ? lose : 'lost'} ${withUnit(all.lost, unit)}${worth}`;
  const paid = isPositive(all.paidOut)
    ? `, and ${withUnit(all.paidOut, unit)} ${isAhead ? 'are' : 'were'} paid out`
    : '';
  return `${when}, ${peopleCounted(all.people)} ${isAhead ? 'carry' : 'carried'} over ${withUnit(all.carried, unit)}; ${lost}${paid}.`;
}
