import { describe, expect, it } from 'vitest';
import type { Coverage, Organisation, Policy, Terms } from '../api/types';
import { coverageWords, EVERYBODY, NOBODY } from './coverage';
import { earningWords, sentence } from './sentence';
import { EMPTY, RULES_TO_ADD, STARTS } from './terms';

const GARDEN = {
  teams: [
    { id: 1, name: 'Glasshouse' },
    { id: 2, name: 'Grounds' },
    { id: 3, name: 'Café' },
  ],
  sites: [{ id: 7, name: 'Saltmarsh Nursery' }],
} as unknown as Organisation;

function earning(change: Partial<Terms['earning']>): Terms {
  return { ...EMPTY, earning: { ...EMPTY.earning, ...change } };
}

describe('whom a policy covers, in words', () => {
  it.each([
    [EVERYBODY, 'everybody'],
    [{ ...EVERYBODY, excluded: [4] }, 'everybody, but not 1 person'],
    [{ ...EVERYBODY, teams: [1, 2, 3] }, 'Glasshouse, Grounds and Café'],
    [
      { ...EVERYBODY, sites: [7], excluded: [4, 5] },
      'everybody at Saltmarsh Nursery, but not 2 people',
    ],
    [{ ...EVERYBODY, types: ['HOURLY', 'SEASONAL'] }, 'hourly and seasonal people'],
    [
      { ...EVERYBODY, types: ['HOURLY'], teams: [1, 2], notTeams: [3], sites: [7] },
      'hourly people of Glasshouse and Grounds at Saltmarsh Nursery, but not Café',
    ],
    [{ ...EVERYBODY, types: ['HOURLY'], named: [8] }, 'hourly people and 1 named person'],
    [{ ...NOBODY, named: [9] }, '1 named person'],
    [NOBODY, 'nobody'],
    [null, 'nobody yet'],
  ] as [Coverage | null, string][])('%j', (coverage, words) => {
    expect(coverageWords(coverage, GARDEN)).toBe(words);
  });
});

describe('how time is earned, in words', () => {
  it.each([
    [{ method: 'UPFRONT', amount: '21' }, '21 days granted each benefit year'],
    [
      { method: 'PER_HOURS_WORKED', amount: '1', forEvery: '27' },
      '1 day for every 27 hours worked',
    ],
    [
      { method: 'PER_HOURS_WORKED', amount: '2', forEvery: '27' },
      '2 days for every 27 hours worked',
    ],
    [{ method: 'PER_PERIOD', amount: '3', every: 'MONTH' }, '3 days each month'],
    [
      { method: 'PER_PERIOD', amount: '91', perYear: true, every: 'PAY_PERIOD' },
      '91 days a year, a share each pay period',
    ],
    [{ method: 'NONE' }, 'only what is awarded'],
  ] as [Partial<Terms['earning']>, string][])('%j', (change, words) => {
    expect(earningWords(earning(change), 'days')).toBe(words);
  });

  it('says a policy in one sentence with the rules it has', () => {
    const terms = {
      ...earning({ method: 'UPFRONT', amount: '21' }),
      carry: '0',
      usedPerYearLimit: '18',
    };
    expect(sentence({ unit: 'DAYS' } as Policy, terms)).toBe(
      '21 days granted each benefit year, at most 18 used a year, nothing carried over.',
    );
  });
});

describe('rules to add to a text', () => {
  it.each(Object.entries(RULES_TO_ADD))('%s can be added and taken away again', (_, rule) => {
    const terms = structuredClone(EMPTY);
    expect(rule.has(terms)).toBe(false);
    rule.add(terms);
    expect(rule.has(terms)).toBe(true);
    rule.remove(terms);
    expect(terms).toEqual(EMPTY);
  });

  it('part-timers are only minded where something is earned by time', () => {
    const fits = RULES_TO_ADD.scaling!.fits!;
    expect(fits(earning({ method: 'UPFRONT' }))).toBe(true);
    expect(fits(earning({ method: 'PER_HOURS_WORKED' }))).toBe(false);
  });

  it('no starting point shares its text with another', () => {
    const first = structuredClone(STARTS[0]!.policy.terms as Terms);
    RULES_TO_ADD.carry!.add(first);
    expect((STARTS[0]!.policy.terms as Terms).carry).toBeNull();
  });
});
