import { expect, it } from 'vitest';
import { size } from './size';

it('says how much in a few figures', () => {
  expect(size(0)).toBe('0 B');
  expect(size(999)).toBe('999 B');
  expect(size(1_500)).toBe('1.5 kB');
  expect(size(123_456_789)).toBe('123 MB');
  expect(size(5_000_000_000_000_000)).toBe('5000 TB');
});
