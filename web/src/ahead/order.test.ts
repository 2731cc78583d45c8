import { expect, test } from 'vitest';
import type { Foreseen } from '../api/types';
import { inOrder } from './order';

function group(says: string, amount: string | null, lines: number): Foreseen {
  return { says, amount, lines } as Foreseen;
}

const GROUPS = [group('first', '-9.5', 1), group('second', null, 12), group('third', '10', 3)];

test('groups stand by day, by the size of their amounts, or by how many they are about', () => {
  const says = (order: 'day' | 'amount' | 'people') =>
    inOrder(GROUPS, order).map((each) => each.says);
  expect(says('day')).toEqual(['first', 'second', 'third']);
  expect(says('amount')).toEqual(['third', 'first', 'second']);
  expect(says('people')).toEqual(['second', 'third', 'first']);
});
