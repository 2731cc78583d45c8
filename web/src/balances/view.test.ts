import { expect, test } from 'vitest';
import { addressOf, queryOf, USUAL, viewOf, type Wanted } from './view';

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
