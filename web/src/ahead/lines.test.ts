import { beforeEach, expect, test, vi } from 'vitest';
import type { Foreseen, ForeseenRow } from '../api/types';
import { Lines } from './lines.svelte';

const asked: { page: number; size: number }[] = [];
let refused = false;

vi.mock('../api/client', () => ({
  answer: async (response: unknown) => response,
  api: {
    GET: async (_: string, { params }: { params: { query: { page: number; size: number } } }) => {
      const { page, size } = params.query;
      asked.push({ page, size });
      if (refused) throw new Error('refused');
      const all = Array.from({ length: 250 }, (_each, at) => ({ personId: at }) as ForeseenRow);
      return { items: all.slice(page * size, (page + 1) * size), total: all.length };
    },
  },
}));

const GROUP = { what: 'LAPSE', policyId: 2, on: '2027-05-01', lines: 250 } as Foreseen;

beforeEach(() => {
  asked.length = 0;
  refused = false;
});

test('the lines of a group come part by part, and no further than there are', async () => {
  const lines = new Lines(GROUP, { weeks: 8 });
  await Promise.all([lines.more(), lines.more()]);
  expect(asked).toEqual([{ page: 0, size: 100 }]);
  for (let part = 0; part < 5; part++) await lines.more();
  expect(lines.rows.map((row) => row.personId)).toEqual([...Array(250).keys()]);
  expect(lines.left).toBe(0);
  expect(asked).toHaveLength(3);
});

test('what is done for all is done for those too that are not shown', async () => {
  const lines = new Lines(GROUP, { weeks: 8 });
  void lines.more();
  expect(await lines.all()).toHaveLength(250);
  expect(lines.rows).toHaveLength(100);
});

test('where they cannot be had, nothing is done for some of them', async () => {
  refused = true;
  const lines = new Lines(GROUP, { weeks: 8 });
  expect(await lines.all()).toBeNull();
  expect(lines.problem).not.toBeNull();
  expect(lines.busy).toBe(false);
});
