import { expect, test } from 'vitest';
import { addressOf, askedBy, queryOf, USUAL } from './question';

const MONTH = { from: '2027-03-01', through: '2027-03-31', ofOneDay: false };

test('an address brings the question back', () => {
  const asked = { ...USUAL, from: '2027-01-01', teamId: '3', search: 'mer', order: '-amount' };
  expect(askedBy(addressOf(asked).slice(1))).toEqual(asked);
  expect(addressOf(USUAL)).toBe('');
});

test('what is not said is as usual, and a report of one day is of that day', () => {
  expect(queryOf(USUAL, MONTH)).toEqual({ from: '2027-03-01', through: '2027-03-31' });
  expect(queryOf({ ...USUAL, through: '2027-02-28' }, { ...MONTH, ofOneDay: true })).toEqual({
    from: '2027-02-28',
    through: '2027-02-28',
  });
});
