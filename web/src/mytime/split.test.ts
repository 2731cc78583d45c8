import { describe, expect, it } from 'vitest';
import type { AskedDay, RequestReview } from '../api/types';
import { split } from './split';

function day(on: string): AskedDay {
  return { on, part: 'WHOLE', hours: null, between: null };
}

describe('a request of which not all can be afforded', () => {
  const marked = ['2027-05-03', '2027-05-04', '2027-05-05', '2027-05-06'].map(day);
  const review = {
    days: [
      { on: '2027-05-03', amount: '0' },
      { on: '2027-05-04', amount: '8' },
      { on: '2027-05-05', amount: '8' },
      { on: '2027-05-06', amount: '8' },
    ],
    affordable: {
      amount: '12',
      days: [
        { on: '2027-05-04', amount: '8.00' },
        { on: '2027-05-05', amount: '4' },
      ],
    },
  } as unknown as RequestReview;

  it('keeps whole days, and a day of which only a part can be afforded goes with the rest', () => {
    const [kept, rest] = split(marked, review);
    expect(kept.map((each) => each.on)).toEqual(['2027-05-03', '2027-05-04']);
    expect(rest.map((each) => each.on)).toEqual(['2027-05-05', '2027-05-06']);
  });

  it('has everything for the rest where nothing can be afforded', () => {
    const [kept, rest] = split(marked, { ...review, affordable: null });
    expect(kept).toHaveLength(1);
    expect(rest).toHaveLength(3);
  });
});
