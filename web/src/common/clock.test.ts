import { describe, expect, it } from 'vitest';
import { asHours, clockSpan, clockTime, minutesBetween } from './clock';

describe('a time of the clock', () => {
  it.each([
    ['9', '09:00'],
    ['9:05', '09:05'],
    ['0905', '09:05'],
    ['905', '09:05'],
    ['21.05', '21:05'],
    ['9:05p', '21:05'],
    ['9 pm', '21:00'],
    ['12a', '00:00'],
    ['12:30 p.m.', '12:30'],
    ['0', '00:00'],
    ['7h30', '07:30'],
  ])('is read as it is typed: %s', (typed, time) => expect(clockTime(typed)).toBe(time));

  it.each(['', 'noon', '24', '9:60', '13p', '0p', '9:5', '12345'])('is not guessed: %s', (typed) =>
    expect(clockTime(typed)).toBeNull(),
  );
});

describe('a span of the clock', () => {
  it('is told without seconds', () =>
    expect(clockSpan({ from: '13:00:00', to: '15:30:00' })).toBe('13:00 to 15:30'));

  it('goes over midnight', () => {
    expect(minutesBetween('08:00', '16:30')).toBe(510);
    expect(minutesBetween('22:00', '06:00')).toBe(480);
    expect(minutesBetween('07:00', '07:00')).toBe(1440);
  });

  it('has hours to four decimals', () => {
    expect(asHours(480)).toBe('8');
    expect(asHours(260)).toBe('4.3333');
    expect(asHours(20)).toBe('0.3333');
  });
});
