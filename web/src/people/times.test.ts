import { describe, expect, it } from 'vitest';
import type { DayTimes } from '../api/types';
import { NO_TIMES as NONE, hoursOf, timesOfWeek, timesWords, typedWeek, unreadable } from './times';

const EARLY: DayTimes[] = (['MONDAY', 'TUESDAY'] as const).map((weekday) => ({
  weekday,
  begins: '07:30:00',
  ends: '16:00:00',
  breakBegins: '12:00:00',
  breakEnds: '12:30:00',
}));

describe('the times of a week', () => {
  it('go into fields and out of them again', () => {
    const typed = typedWeek(EARLY);
    expect(typed[0]!.begins).toBe('07:30');
    expect(typed[2]).toEqual(NONE);
    expect(timesOfWeek(typed).map((each) => each.breakEnds)).toEqual(['12:30', '12:30']);
  });

  it('bring the hours of the day', () => {
    expect(hoursOf(typedWeek(EARLY)[0]!)).toBe('8');
    expect(hoursOf({ ...NONE, begins: '8', ends: '12' })).toBe('4');
    expect(hoursOf({ ...NONE, begins: '8' })).toBeNull();
  });

  it('are told where they cannot be read', () => {
    expect(unreadable(typedWeek(EARLY))).toBeNull();
    expect(unreadable([{ ...NONE, begins: '8' }])).toBe('Mon');
    expect(unreadable([NONE, { ...NONE, breakBegins: '8', breakEnds: '9' }])).toBe('Tue');
  });

  it('are told in few words', () => {
    expect(timesWords(EARLY)).toBe('Mon, Tue 07:30 to 16:00, break 12:00 to 12:30');
    expect(timesWords([])).toBe('');
  });
});
