import { describe, expect, it } from 'vitest';
import { meantDays } from './spans';

const TODAY = '2027-04-26';

describe('the days that somebody means', () => {
  it.each([
    ['4 May', ['2027-05-04']],
    ['4-6 May', ['2027-05-04', '2027-05-05', '2027-05-06']],
    ['30 april to 2 may', ['2027-04-30', '2027-05-01', '2027-05-02']],
    ['fri', ['2027-04-30']],
    ['next Fri', ['2027-05-07']],
    ['4 May, 6 May, 4 May', ['2027-05-04', '2027-05-06']],
    ['every Friday until 14 May', ['2027-04-30', '2027-05-07', '2027-05-14']],
    ['every mon from 10 May to 24 May', ['2027-05-10', '2027-05-17', '2027-05-24']],
    ['2027-05-04', ['2027-05-04']],
  ])('%s', (typed, days) => {
    expect(meantDays(typed, TODAY)).toEqual(days);
  });

  it.each([
    '',
    'sometime',
    '8-4 May',
    'every Friday until yesterday',
    '4 May to 4 June 2029',
    '4 May, never',
  ])('none: %s', (typed) => {
    expect(meantDays(typed, TODAY)).toBeNull();
  });
});
