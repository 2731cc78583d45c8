import { beforeEach, expect, test } from 'vitest';
import { Rows } from './rows.svelte';

const ALL = [...Array(250).keys()];
const asked: { page: number; size: number }[] = [];
let refused = false;

function numbers(counted = ALL.length): Rows<number> {
  return new Rows(counted, async (page, size) => {
    asked.push({ page, size });
    if (refused) throw new Error('refused');
    return ALL.slice(page * size, (page + 1) * size);
  });
}

beforeEach(() => {
  asked.length = 0;
  refused = false;
});

test('the rows of a list come part by part, and no further than there are', async () => {
  const rows = numbers();
  await Promise.all([rows.more(), rows.more()]);
  expect(asked).toEqual([{ page: 0, size: 100 }]);
  for (let part = 0; part < 5; part++) await rows.more();
  expect(rows.rows).toEqual(ALL);
  expect(rows.left).toBe(0);
  expect(asked).toHaveLength(3);
});

test('of a list that became shorter since it was counted nothing is left at its end', async () => {
  const rows = numbers(ALL.length + 3);
  for (let part = 0; part < 5; part++) await rows.more();
  expect(rows.rows).toEqual(ALL);
  expect(rows.left).toBe(0);
  expect(asked).toHaveLength(3);
});

test('what is done for all is done for those too that are not shown', async () => {
  const rows = numbers();
  void rows.more();
  expect(await rows.all()).toHaveLength(250);
  expect(rows.rows).toHaveLength(100);
});

test('where they cannot be had, nothing is done for some of them', async () => {
  refused = true;
  const rows = numbers();
  expect(await rows.all()).toBeNull();
  expect(rows.problem).not.toBeNull();
  expect(rows.busy).toBe(false);
});
