import type { YearEndRow, YearEndView } from '../api/types';

export type Show = 'ALL' | 'LOSING' | 'OTHERWISE' | 'EXCEPTIONS';

/** What of the people is shown, and in what words it is chosen. */
export const SHOWN: Record<Show, string> = {
  ALL: 'everybody',
  LOSING: 'who loses something',
  OTHERWISE: 'who comes out otherwise than reviewed',
  EXCEPTIONS: 'who has an exception',
};

export function isShown(row: YearEndRow, show: Show, search: string): boolean {
  const wanted = search.trim().toLowerCase();
  const isKind = {
    ALL: true,
    LOSING: row.lost !== null && Number(row.lost) > 0,
    OTHERWISE: row.says !== '',
    EXCEPTIONS: row.ownCarry !== null,
  }[show];
  return isKind && `${row.person} ${row.code} ${row.team}`.toLowerCase().includes(wanted);
}

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
