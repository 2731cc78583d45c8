import { expect, test } from 'vitest';
import { amountTyped, readConditions, writtenConditions } from './conditions';

test('a condition is written as the server reads it, and read again', () => {
  const typed = readConditions(['balance between 1.5 4', 'used at-least 2']);
  expect(writtenConditions(typed, amountTyped)).toEqual([
    'balance between 1.5 4',
    'used at-least 2',
  ]);
});

test('amounts are typed with a comma, a point or a real minus', () => {
  expect(amountTyped('', ' 7,5 ')).toBe('7.5');
  expect(amountTyped('', '−2')).toBe('-2');
  expect(amountTyped('', 'lots')).toBeNull();
});

test('a condition without a figure is left out, and one that cannot be read stops the question', () => {
  const one = (bound: string) => ({ figure: 'used', how: 'at-most', bound, upTo: '' }) as const;
  expect(writtenConditions([one('')], amountTyped)).toEqual([]);
  expect(writtenConditions([one('3'), one('x')], amountTyped)).toBeNull();
});
