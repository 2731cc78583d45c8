import { expect, it } from 'vitest';
import { inParts } from './parts';

it('goes through many in parts and tells how far it is', async () => {
  const seen: number[] = [];
  const parts: number[] = [];
  const doubled = await inParts(
    [1, 2, 3, 4, 5],
    2,
    (part) => {
      parts.push(part.length);
      return Promise.resolve(part.map((each) => each * 2));
    },
    (results) => seen.push(results.length),
  );
  expect(doubled).toEqual([2, 4, 6, 8, 10]);
  expect(parts).toEqual([2, 2, 1]);
  expect(seen).toEqual([2, 4, 5]);
});

it('keeps what came before a part that fails', async () => {
  let kept: number[] = [];
  const work = (part: number[]) =>
    part.includes(3) ? Promise.reject(new Error('no')) : Promise.resolve(part);
  await expect(inParts([1, 2, 3], 1, work, (results) => (kept = results))).rejects.toThrow('no');
  expect(kept).toEqual([1, 2]);
});
