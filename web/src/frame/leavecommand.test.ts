import { describe, expect, it } from 'vitest';
import type { Policy } from '../api/types';
import { meantLeave } from './leavecommand';

const TODAY = '2027-04-26';
const SICK = { id: 3, name: 'Sick time', kind: 'SICK' } as Policy;
const LEAVE = { id: 1, name: 'Hourly leave', kind: 'VACATION' } as Policy;

function meant(typed: string) {
  return meantLeave(typed, [SICK, LEAVE], TODAY);
}

describe('leave typed into the command box', () => {
  it('is of today where no day is said', () => {
    expect(meant('sick mer')).toEqual({
      policies: [SICK],
      search: 'mer',
      first: TODAY,
      last: TODAY,
    });
  });

  it('has a name of several words and days after it', () => {
    expect(meant('vac merrin umber 4-6 May')).toEqual({
      policies: [LEAVE],
      search: 'merrin umber',
      first: '2027-05-04',
      last: '2027-05-06',
    });
    expect(meant('sick merrin today')?.first).toBe(TODAY);
    expect(meant('sick merrin yesterday')?.last).toBe('2027-04-25');
  });

  it('is none without a kind, a name, or where days do not follow each other', () => {
    expect(meant('sick')).toBeNull();
    expect(meant('merrin today')).toBeNull();
    expect(meant('si mer')).toBeNull();
    expect(meant('sick merrin 4 may, 8 may')?.search).not.toBe('merrin');
  });
});
