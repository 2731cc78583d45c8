import { afterEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/problem';
import { meantDay, plusMonths } from './dates';
import { exactDifference, exactSum } from './decimal';
import {
  amount,
  daysBetween,
  isDate,
  mondayOf,
  plusDays,
  signed,
  span,
  withUnit,
  words,
} from './format';
import { kept } from './kept';
import { latest } from './latest';

afterEach(() => vi.unstubAllGlobals());

describe('decimals added without losing a digit', () => {
  it.each([
    [['0.1', '0.2'], '0.3'],
    [['1', '-1'], '0'],
    [['-0.5', '0.25'], '-0.25'],
    [['9007199254740993', '0.0000000001'], '9007199254740993.0000000001'],
    [[], '0'],
  ])('%j is %s', (all, sum) => expect(exactSum(all)).toBe(sum));

  it('takes away what is below zero, too', () => {
    expect(exactDifference('3.5', '-1.25')).toBe('4.75');
    expect(exactDifference('3.5', '10')).toBe('-6.5');
  });
});

describe('figures and days as they are read', () => {
  it.each([
    ['7.5000', '7.5'],
    ['-3.456', '−3.46'],
    ['-0.001', '0'],
    ['100', '100'],
    ['1.005', '1.01'],
    ['-1.005', '−1.01'],
    ['0.285', '0.29'],
    ['12345678901234.565', '12345678901234.57'],
  ])('%s as %s', (exact, read) => expect(amount(exact)).toBe(read));

  it('has the unit and the sign', () => {
    expect(withUnit('1.00', 'DAYS')).toBe('1 day');
    expect(withUnit('1.0004', 'HOURS')).toBe('1 hour');
    expect(withUnit('1.005', 'HOURS')).toBe('1.01 hours');
    expect(withUnit('-2', 'HOURS')).toBe('−2 hours');
    expect([signed('2'), signed('0'), signed('-2')]).toEqual(['+2', '0', '−2']);
    expect(words('PARTLY_APPROVED')).toBe('Partly approved');
  });

  it('counts days over the end of a leap February and of summer time', () => {
    expect(plusDays('2028-02-28', 2)).toBe('2028-03-01');
    expect(daysBetween('2027-03-27', '2027-03-29')).toBe(2);
    expect(mondayOf('2027-04-25')).toBe('2027-04-19');
    expect(span('2027-04-26', '2027-04-26')).toBe('Mon 26 Apr');
    expect([isDate('2027-02-29'), isDate('26/04/2027'), isDate('2027-04-26')]).toEqual([
      false,
      false,
      true,
    ]);
  });
});

describe('an answer that arrives late', () => {
  it('is not taken after a newer question', async () => {
    const ask = latest<string>();
    const taken: string[] = [];
    let answerFirst!: (text: string) => void;
    ask(new Promise((resolve) => (answerFirst = resolve)), (text) => taken.push(text), String);
    ask(Promise.resolve('second'), (text) => taken.push(text), String);
    answerFirst('first');
    await new Promise((resolve) => setTimeout(resolve));
    expect(taken).toEqual(['second']);
  });
});

describe('what is being typed', () => {
  function storage(limit: number) {
    const items = new Map<string, string>();
    vi.stubGlobal('sessionStorage', {
      getItem: (key: string) => items.get(key) ?? null,
      setItem: (key: string, value: string) => {
        if (value.length > limit) throw new Error('no room');
        items.set(key, value);
      },
      removeItem: (key: string) => items.delete(key),
    });
  }

  it('is there again until it is forgotten', () => {
    storage(100);
    const text = kept<{ name: string }>('a policy');
    expect(text.recall()).toBeNull();
    text.keep({ name: 'Storm leave' });
    expect(kept('a policy').recall()).toEqual({ name: 'Storm leave' });
    expect(kept('another').recall()).toBeNull();
    text.forget();
    expect(text.recall()).toBeNull();
  });

  it('leaves no older state behind where there is no room for the newer one', () => {
    storage(10);
    const text = kept<string>('rows');
    text.keep('short');
    text.keep('much longer than that');
    expect(text.recall()).toBeNull();
  });
});

describe('a problem', () => {
  it('is found at its field, however deep that lies', () => {
    const problem = Problem.from({ detail: 'Too long.', field: 'details.name', status: 422 });
    expect(problem.message).toBe('Too long.');
    expect(problem.isAt('name')).toBe(true);
    expect(problem.isAt('code')).toBe(false);
    expect(Problem.from(undefined).message).toContain('nothing was changed');
    expect(Problem.of(problem)).toBe(problem);
  });
});

describe('a day as it is typed', () => {
  const TODAY = '2027-04-26';

  it.each([
    ['3 may', '2027-05-03'],
    ['3 May 2028', '2028-05-03'],
    ['03.05.', '2027-05-03'],
    ['3/5/28', '2028-05-03'],
    ['2027-05-03', '2027-05-03'],
    ['t', TODAY],
    ['tomorrow', '2027-04-27'],
    ['+2w', '2027-05-10'],
    ['-10d', '2027-04-16'],
    ['+1m', '2027-05-26'],
    ['fri', '2027-04-30'],
    ['mon', TODAY],
    ['next fri', '2027-05-07'],
    ['30 feb', null],
    ['soon', null],
    ['3 nonsense', null],
  ])('%s is %s', (typed, meant) => expect(meantDay(typed, TODAY)).toBe(meant));

  it('stays within a shorter month and moves from the day that is there', () => {
    expect(plusMonths('2027-01-31', 1)).toBe('2027-02-28');
    expect(plusMonths('2027-01-31', -2)).toBe('2026-11-30');
    expect(meantDay('+1w', TODAY, '2027-06-01')).toBe('2027-06-08');
  });
});
