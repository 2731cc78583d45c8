import { expect, test } from 'vitest';
import { inSight, partsOf } from './window';

test('rows in sight and a little more are there, never beyond the ends', () => {
  expect(inSight(0, 600, 30, 10_000)).toEqual({ first: 0, last: 35 });
  expect(inSight(30_000, 600, 30, 10_000)).toEqual({ first: 985, last: 1035 });
  expect(inSight(299_400, 600, 30, 10_000)).toEqual({ first: 9965, last: 10_000 });
  expect(inSight(299_400, 600, 30, 12)).toEqual({ first: 0, last: 12 });
});

test('rows lie in parts of a hundred', () => {
  expect(partsOf(0, 0)).toEqual([0]);
  expect(partsOf(0, 100)).toEqual([0]);
  expect(partsOf(90, 101)).toEqual([0, 1]);
  expect(partsOf(250, 260)).toEqual([2]);
});
