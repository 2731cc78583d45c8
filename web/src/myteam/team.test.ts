import { describe, expect, it } from 'vitest';
import type { TeamMember } from '../api/types';
import { lapses, sorted } from './team';

function member(person: string, daysTaken: number, lapse: string | null, away: string | null) {
  const nextLapse = lapse === null ? null : { on: lapse, amount: '4' };
  const balances = [{ policyId: 1, policy: 'Leave', unit: 'HOURS', nextLapse }];
  return { person, daysTaken, nextAway: away, balances } as unknown as TeamMember;
}

const ada = member('Ada', 5, '2027-12-01', '2027-06-01');
const bo = member('Bo', 2, '2027-05-01', null);
const cy = member('Cy', 9, null, '2027-05-02');

describe('a team in order', () => {
  it('goes by name, by what lapses first, by days taken and by who is away next', () => {
    const names = (order: Parameters<typeof sorted>[1]) =>
      sorted([cy, ada, bo], order).map((each) => each.person);
    expect(names('name')).toEqual(['Ada', 'Bo', 'Cy']);
    expect(names('lapse')).toEqual(['Bo', 'Ada', 'Cy']);
    expect(names('taken')).toEqual(['Bo', 'Ada', 'Cy']);
    expect(names('away')).toEqual(['Cy', 'Ada', 'Bo']);
  });

  it('tells what lapses within three months only', () => {
    expect(lapses(bo, '2027-04-26').map((each) => each.on)).toEqual(['2027-05-01']);
    expect(lapses(ada, '2027-04-26')).toEqual([]);
  });
});
