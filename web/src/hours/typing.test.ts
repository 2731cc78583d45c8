import { describe, expect, it } from 'vitest';
import type { CardDay } from '../api/types';
import { axisOf, placed, ticks } from './axis';
import { emptyDays, likeTheWeekBefore, meant } from './typing';

function day(on: string, changes: Partial<CardDay> = {}): CardDay {
  return {
    on,
    line: '',
    scheduledLine: '07:30-16:00',
    scheduled: '8',
    capacity: '8',
    holiday: null,
    scheduledBars: [],
    bars: [],
    hours: [],
    worked: '0',
    holidayHours: '0',
    leave: [],
    remarks: [],
    employed: true,
    source: null,
    changedBy: null,
    changedAt: null,
    ...changes,
  };
}

const always = () => true;
const leave = { requestId: 1, policy: 'Sick', hours: '8', between: null, approved: true };

describe('what somebody means who types a shorthand', () => {
  it.each([
    ['=', '07:30-16:00'],
    ['"', '9-17'],
    ['”', '9-17'],
    [' 8-12 ', '8-12'],
    ['', ''],
  ])('%s', (typed, line) => {
    expect(meant(typed, day('2027-04-13'), day('2027-04-12', { line: '9-17' }))).toBe(line);
  });
});

describe('filling days', () => {
  it('leaves out what has something, is off or cannot be changed', () => {
    const days = [
      day('2027-04-12'),
      day('2027-04-13', { line: '8-12' }),
      day('2027-04-14', { scheduledLine: '' }),
      day('2027-04-15'),
    ];
    expect(emptyDays(days, (each) => each.on < '2027-04-15')).toEqual([
      { on: '2027-04-12', line: '07:30-16:00' },
    ]);
  });

  it('copies a week onto the days that are empty and without leave', () => {
    const before = [day('2027-04-05', { line: '8-12' }), day('2027-04-06', { line: '9-17' })];
    const days = [day('2027-04-12'), day('2027-04-13', { leave: [leave] })];
    expect(likeTheWeekBefore(days, before, always)).toEqual([{ on: '2027-04-12', line: '8-12' }]);
  });
});

describe('the axis of a card', () => {
  it('reaches as far as anything on it, in whole hours', () => {
    const axis = axisOf({
      days: [day('2027-04-12', { bars: [{ what: 'WORK', from: 1330, to: 1810 }] })],
    });
    expect(axis).toEqual({ from: 420, to: 1860 });
    expect(ticks(axis).map((tick) => tick.words)).toEqual(['8', '12', '16', '20', '0', '4']);
  });

  it('draws what has no end for an hour', () => {
    expect(placed({ from: 480, to: null }, { from: 420, to: 1020 })).toEqual({
      left: 10,
      width: 10,
    });
    expect(placed({ from: null, to: 480 }, { from: 420, to: 1020 })).toEqual({
      left: 0,
      width: 10,
    });
  });
});
