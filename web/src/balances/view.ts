import type { Policy } from '../api/types';
import { read, written } from '../common/address';
import {
  amountTyped,
  type Condition,
  readConditions,
  writtenConditions,
} from '../common/conditions';
import { longDay } from '../common/format';

/** What a row of the table of balances can be. */
export const ROWS = {
  BALANCE: 'Each balance',
  PERSON: 'Each person, policies side by side',
  TEAM: 'Sums by team',
  SITE: 'Sums by site',
  POLICY: 'Sums by policy',
} as const;

export type RowsOf = keyof typeof ROWS;

/** What is wanted of everybody's balances; the day is that of the road. */
export interface Wanted {
  search: string;
  teamId: string;
  siteId: string;
  policyId: string;
  withOthers: boolean;
  conditions: Condition[];
  rows: RowsOf;
  /** The keys of the columns from left to right; the usual ones where there are none. */
  columns: string[];
  /** The key of a column, with a minus for the other way round. */
  order: string;
}

export const USUAL: Wanted = {
  search: '',
  teamId: '',
  siteId: '',
  policyId: '',
  withOthers: false,
  conditions: [],
  rows: 'BALANCE',
  columns: [],
  order: '',
};

/** What a view asks of the server; null as long as a condition cannot be read. */
export function queryOf(wanted: Wanted, asOf: string) {
  const condition = writtenConditions(wanted.conditions, amountTyped);
  if (condition === null) return null;
  return {
    asOf,
    ...(wanted.search.trim() && { search: wanted.search.trim() }),
    ...(wanted.teamId && { teamId: Number(wanted.teamId) }),
    ...(wanted.siteId && { siteId: Number(wanted.siteId) }),
    ...(wanted.policyId && { policyId: Number(wanted.policyId) }),
    ...(wanted.withOthers && { withOthers: true }),
    ...(condition.length > 0 && { condition }),
    ...(wanted.rows !== 'BALANCE' && { rows: wanted.rows }),
    ...(wanted.columns.length > 0 && { columns: wanted.columns }),
    ...(wanted.order && { order: wanted.order }),
  };
}

/**
 * A view as it stands in an address, with its question mark.
 *
 * @param on the as-of day, empty for today
 */
export function addressOf(wanted: Wanted, on: string): string {
  const conditions = writtenConditions(wanted.conditions, amountTyped) ?? [];
  const named = Object.entries({
    on,
    search: wanted.search.trim(),
    team: wanted.teamId,
    site: wanted.siteId,
    policy: wanted.policyId,
    others: wanted.withOthers ? 'yes' : '',
    where: conditions.join(','),
    rows: wanted.rows === 'BALANCE' ? '' : wanted.rows.toLowerCase(),
    columns: wanted.columns.join(','),
    order: wanted.order,
  });
  return written(named.filter(([, value]) => value !== ''));
}

/** The view that an address names, and its as-of day; what it does not say is as usual. */
export function viewOf(query: string): { wanted: Wanted; on: string | undefined } {
  const named = read(query);
  const rows = (named.rows ?? '').toUpperCase();
  return {
    on: named.on,
    wanted: {
      search: named.search ?? '',
      teamId: named.team ?? '',
      siteId: named.site ?? '',
      policyId: named.policy ?? '',
      withOthers: named.others === 'yes',
      conditions: named.where ? readConditions(named.where.split(',')) : [],
      rows: rows in ROWS ? (rows as RowsOf) : 'BALANCE',
      columns: named.columns ? named.columns.split(',') : [],
      order: named.order ?? '',
    },
  };
}

/**
 * What has to be known about the figures of a view before they are believed; empty where nothing has.
 *
 * @param policies all that there are
 * @param on the day that the figures are as of
 */
export function caveat(policies: Policy[], policyId: string, on: string): string {
  const meant = policies.filter((each) => policyId === '' || String(each.id) === policyId);
  const first = meant
    .flatMap((each) => each.versions.flatMap(({ starts }) => (starts === null ? [] : [starts])))
    .sort()[0];
  const one = policyId === '' ? null : (meant[0] ?? null);
  if (first !== undefined && on < first) {
    return `${one?.name ?? 'The first policy'} is in force from ${longDay(first)} on; before that nothing is recorded, and every figure is 0.`;
  }
  return one?.retired && on > one.retired
    ? `${one.name} ended on ${longDay(one.retired)}: nothing is earned after it, and nobody can ask for it.`
    : '';
}
