import { describe, expect, it } from 'vitest';
import {
  alsoSays,
  factKind,
  factOf,
  type Fact,
  onlyWeek,
  read,
  tellingDays,
  write,
} from './example';

const WRITTEN =
  '{"case": "Half days", "employee": {"hired": "2027-01-04", "schedule": [{"from": "2027-01-04", "mon": "4"}]},' +
  ' "facts": [{"on": "2027-02-01", "take": "2"}], "ask": ["2027-06-30", "2027-12-31"],' +
  ' "expect": [{"asOf": "2027-12-31", "balance": "20"}]}';

describe('an example', () => {
  it('has a row for each day that is asked for', () => {
    expect(read(WRITTEN).expect).toEqual([
      { asOf: '2027-06-30' },
      { asOf: '2027-12-31', balance: '20' },
    ]);
  });

  it('is written as it was read', () => {
    expect(JSON.parse(write(read(WRITTEN)))).toEqual(JSON.parse(WRITTEN));
  });

  it('leaves out what is empty and takes a decimal comma', () => {
    const example = read(WRITTEN);
    example.facts!.push({ on: '2027-03-01', adjust: '-1,5', reason: '1,5 twice' });
    example.employee.lastDay = '';
    example.expect![0]!.available = '7,25';
    example.expect!.push({ asOf: '' });
    const again = JSON.parse(write(example));
    expect(again.facts[1]).toEqual({ on: '2027-03-01', adjust: '-1.5', reason: '1,5 twice' });
    expect(again.employee.lastDay).toBeUndefined();
    expect(again.expect[0]).toEqual({ asOf: '2027-06-30', available: '7.25' });
    expect(again.ask).toEqual(['2027-06-30', '2027-12-31']);
  });

  it('knows what a fact is, and makes one of each kind', () => {
    for (const kind of ['WORKS', 'HOURS', 'AWAY', 'TAKES', 'ADJUSTED', 'OPENING'] as const) {
      expect(factKind(factOf(kind, '2027-05-03'))).toBe(kind);
    }
    expect(factKind({ on: '2027-05-03', take: 'scheduled' } as Fact)).toBe('AWAY');
  });

  it('says what cannot be changed on the page', () => {
    const example = read(WRITTEN);
    expect(onlyWeek(example)).toEqual({ from: '2027-01-04', mon: '4' });
    example.employee.schedule = [{ from: '2027-01-04' }, { from: '2027-06-01' }];
    example.employee.fte = [{ from: '2027-01-04', value: '0.5' }];
    example.holidays = ['2027-05-01'];
    example.payCalendar = { every: 'half-month' };
    expect(onlyWeek(example)).toBeNull();
    expect(alsoSays(example)).toEqual([
      'working time that changes 1 time',
      'a full-time equivalent of 0.5 from 4 January 2027',
      '1 holiday',
      'paid by the half month',
    ]);
  });

  it('asks for the ends of years and the days after them', () => {
    expect(tellingDays('2027-05-03', '2029-05-02', '01-01')).toEqual([
      '2027-12-31',
      '2028-01-01',
      '2028-12-31',
      '2029-01-01',
      '2029-05-02',
    ]);
    expect(tellingDays('2027-05-03', '2029-05-02', 'hire-anniversary')).toEqual([
      '2028-05-02',
      '2028-05-03',
      '2029-05-02',
    ]);
  });
});
