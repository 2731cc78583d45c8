import { expect, test } from 'vitest';
import {
  asRow,
  figuresOf,
  isMeant,
  isTyped,
  keyOf,
  peopleOf,
  stranger,
  wrongFirst,
} from './opening';

const MERRIN = {
  personId: 29,
  code: 'B129',
  person: 'Merrin Ashcombe',
  team: 'Grounds',
  on: '2027-01-01',
  balance: '12.5',
  earnedThisYear: '0',
  usedThisYear: null,
  hoursTowardNextStep: null,
};

test('a search means whoever has all its words in name, code or team', () => {
  expect(isMeant(MERRIN, '')).toBe(true);
  expect(isMeant(MERRIN, 'ash  grounds')).toBe(true);
  expect(isMeant(MERRIN, 'b129')).toBe(true);
  expect(isMeant(MERRIN, 'merrin kitchen')).toBe(false);
});

test('those for whom something is kept are those of the policy alone', () => {
  expect(peopleOf(1, ['1/29', '11/30', '1/7', '2/1'])).toEqual([29, 7]);
});

test('those that something is wrong with come first, the others stay in order', () => {
  expect(wrongFirst([1, 2, 3, 4, 5], (each) => each % 2 === 0)).toEqual([2, 4, 1, 3, 5]);
});

test('what is not there is an empty field, and counts as typed only once it differs', () => {
  const typed = { line: MERRIN, policyId: 3, on: '2027-01-01', figures: figuresOf(MERRIN) };
  expect(typed.figures).toEqual({
    balance: '12.5',
    earnedThisYear: '0',
    usedThisYear: '',
    hoursTowardNextStep: '',
  });
  expect(isTyped(typed)).toBe(false);
  expect(isTyped({ ...typed, figures: { ...typed.figures, usedThisYear: '2' } })).toBe(true);
});

test('a row names its person and policy, with a decimal comma understood', () => {
  const typed = {
    line: MERRIN,
    policyId: 3,
    on: '2027-01-01',
    figures: { ...figuresOf(MERRIN), balance: '13,25' },
  };
  expect(asRow(typed)).toMatchObject({ personId: 29, policyId: 3, balance: '13.25' });
  expect(keyOf(typed)).toBe('3/29');
});

test('somebody of a file who is not enrolled is shown without a name', () => {
  const row = {
    personId: 5,
    policyId: 3,
    on: '2027-01-01',
    balance: '1',
    earnedThisYear: '0',
    usedThisYear: '0',
    hoursTowardNextStep: '0',
  };
  expect(stranger(row)).toMatchObject({ person: 'Person 5', team: 'not enrolled', balance: null });
});
