import { describe, expect, it } from 'vitest';
import type { Coverage, Earning, Organisation, Terms, Time } from '../api/types';
import { coverageWords, EVERYBODY, NOBODY } from './coverage';
import { isPercent, toPercent, typedPercent } from './percent';
import { EMPTY, RULES_TO_ADD, STARTS } from './terms';
import { firstDayAfter, ordinalEnding, timeWords } from './waits';

const GARDEN = {
  teams: [
    { id: 1, name: 'Glasshouse' },
    { id: 2, name: 'Grounds' },
    { id: 3, name: 'Café' },
  ],
  sites: [{ id: 7, name: 'Saltmarsh Nursery' }],
} as unknown as Organisation;

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
    expect(fits(STARTS[1]!.policy.terms as Terms)).toBe(true);
    expect(fits(STARTS[0]!.policy.terms as Terms)).toBe(false);
  });

  it('no starting point shares its text with another', () => {
    const first = structuredClone(STARTS[0]!.policy.terms as Terms);
    RULES_TO_ADD['yearEnd.carry']!.add(first);
    expect((STARTS[0]!.policy.terms as Terms).yearEnd.carry).toBeNull();
  });
});

describe('what is earned as percent of the hours worked', () => {
  const hours = (earn: string | null, forEvery: string) => ({
    ...(STARTS[0]!.policy.terms.earning as Extract<Earning, { method: 'per-hours-worked' }>),
    earn,
    forEvery,
    wholeStepsOnly: true,
  });

  it.each([
    ['1', '25', '4'],
    ['3', '80', '3.75'],
    ['1', '30', null],
    [null, '30', null],
    ['1', '0', null],
  ])('%s for every %s', (amount, forEvery, percent) => {
    const written = hours(amount, forEvery!);
    toPercent(written);
    expect(written.earn).toBe(percent);
    expect(written.forEvery).toBe('100');
    expect(isPercent(written, 'HOURS')).toBe(true);
    expect(isPercent(written, 'DAYS')).toBe(false);
  });

  it('is told by its sign', () => {
    expect(typedPercent('12.07 %')).toBe('12.07');
    expect(typedPercent('12.07')).toBeNull();
    expect(typedPercent(null)).toBeNull();
  });
});

describe('waits', () => {
  it.each([
    [{ days: 89, months: null }, '2027-05-30', '89 days', 'th'],
    [{ days: 21, months: null }, '2027-03-23', '21 days', 'nd'],
    [{ days: 12, months: null }, '2027-03-14', '12 days', 'th'],
    [{ days: null, months: 1 }, '2027-04-02', '1 month', 'nd'],
  ] as [Time, string, string, string][])('%j', (wait, first, words, ending) => {
    expect(firstDayAfter('2027-03-02', wait)).toBe(first);
    expect(timeWords(wait)).toBe(words);
    expect(ordinalEnding((wait.days ?? wait.months!) + 1)).toBe(ending);
  });
});
