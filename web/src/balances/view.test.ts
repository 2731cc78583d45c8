import { expect, test } from 'vitest';
import type { Policy } from '../api/types';
import { addressOf, caveat, queryOf, USUAL, viewOf, type Wanted } from './view';

const WANTED: Wanted = {
  search: 'Merrin',
  teamId: '3',
  siteId: '',
  policyId: '2',
  withOthers: true,
  conditions: [
    { figure: 'balance', how: 'between', bound: '1', upTo: '4.5' },
    { figure: 'lapses', how: 'at-least', bound: '0.5', upTo: '' },
  ],
  rows: 'PERSON',
  columns: ['balance', 'remaining'],
  order: '-balance2',
};

test('an address brings back the view it was made of', () => {
  const address = addressOf(WANTED, '2027-08-14');
  expect(viewOf(address.slice(1))).toEqual({ wanted: WANTED, on: '2027-08-14' });
  expect(addressOf(USUAL, '')).toBe('');
  expect(viewOf('')).toEqual({ wanted: USUAL, on: undefined });
});

test('an address that says nonsense is as usual', () => {
  expect(viewOf('rows=planets').wanted.rows).toBe('BALANCE');
});

test('the server is asked only what is wanted', () => {
  expect(queryOf(USUAL, '2027-04-26')).toEqual({ asOf: '2027-04-26' });
  expect(queryOf(WANTED, '2027-04-26')).toMatchObject({
    teamId: 3,
    condition: ['balance between 1 4.5', 'lapses at-least 0.5'],
    rows: 'PERSON',
  });
  const unread = [{ figure: 'balance', how: 'at-least', bound: 'lots', upTo: '' } as const];
  expect(queryOf({ ...USUAL, conditions: [...unread] }, '2027-04-26')).toBeNull();
});

const policy = (id: number, name: string, starts: (string | null)[], retired: string | null) =>
  ({ id, name, retired, versions: starts.map((each) => ({ starts: each })) }) as Policy;

const POLICIES = [
  policy(1, 'Hourly leave', ['2027-01-01', null], null),
  policy(2, 'Learning days', ['2027-02-01'], '2027-06-30'),
];

test('figures of a day before anything was in force are said to be 0', () => {
  expect(caveat(POLICIES, '', '2026-12-31')).toBe(
    'The first policy is in force from 1 January 2027 on; before that nothing is recorded, and every figure is 0.',
  );
  expect(caveat(POLICIES, '2', '2027-01-31')).toContain(
    'Learning days is in force from 1 February',
  );
  expect(caveat(POLICIES, '', '2027-01-01')).toBe('');
  expect(caveat([], '', '2027-01-01')).toBe('');
});

test('a view of a policy that has ended says so, from the day after on', () => {
  expect(caveat(POLICIES, '2', '2027-06-30')).toBe('');
  expect(caveat(POLICIES, '2', '2027-07-01')).toContain('Learning days ended on 30 June 2027');
});
