import { describe, expect, it } from 'vitest';
import type { Coverage, Organisation, Policy, Terms } from '../api/types';
import { coverageWords, EVERYBODY, NOBODY } from './coverage';
import { isPercent, toPercent, typedPercent } from './percent';
import { earningWords, sentence } from './sentence';
import { EMPTY, RULES_TO_ADD, STARTS } from './terms';
import { firstDayAfter, type Wait, waitWords } from './waits';

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

describe('what is earned as percent of the hours worked', () => {
  const hours = (change: Partial<Terms['earning']>) =>
    earning({ method: 'PER_HOURS_WORKED', ...change }).earning;

  it.each([
    ['1', '25', '4'],
    ['3', '80', '3.75'],
    ['1', '30', null],
    [null, '30', null],
    ['1', '0', null],
  ])('%s for every %s', (amount, forEvery, percent) => {
    const written = hours({ amount, forEvery, wholeStepsOnly: true });
    toPercent(written);
    expect(written.amount).toBe(percent);
    expect(written.forEvery).toBe('100');
    expect(isPercent(written, 'HOURS')).toBe(true);
    expect(isPercent(written, 'DAYS')).toBe(false);
  });

  it('is told by its sign', () => {
    expect(typedPercent('12.07 %')).toBe('12.07');
    expect(typedPercent('12.07')).toBeNull();
    expect(typedPercent(null)).toBeNull();
  });

  it('is said so', () => {
    const terms = earning({ method: 'PER_HOURS_WORKED', amount: '12.07', forEvery: '100' });
    expect(earningWords(terms, 'hours')).toBe('12.07 % of the hours worked');
    expect(earningWords(terms, 'days')).toBe('12.07 days for every 100 hours worked');
  });
});

describe('waits', () => {
  it.each([
    [{ count: 89, in: 'DAYS' }, '2027-05-30', '89 days after the hire date, from the 90th day'],
    [{ count: 21, in: 'DAYS' }, '2027-03-23', '21 days after the hire date, from the 22nd day'],
    [{ count: 12, in: 'DAYS' }, '2027-03-14', '12 days after the hire date, from the 13th day'],
    [{ count: 6, in: 'MONTHS' }, '2027-09-02', '6 months after the hire date'],
  ] as [Wait, string, string][])('%j', (wait, first, words) => {
    expect(firstDayAfter('2027-03-02', wait)).toBe(first);
    expect(waitWords(wait)).toContain(words);
  });
});
