import { describe, expect, it } from 'vitest';
import type { Policy } from '../api/types';
import { meantQuestion } from './question';

const TODAY = '2027-04-26';
const SICK = { id: 3, name: 'Sick time', kind: 'SICK' } as Policy;
const LEAVE = { id: 1, name: 'Hourly leave', kind: 'VACATION' } as Policy;
const GROUNDS = { id: 2, name: 'Grounds' };

function meant(typed: string) {
  return meantQuestion(typed, [SICK, LEAVE], [GROUNDS], TODAY);
}

describe('a question in the command box', () => {
  it('has a name and a day in words', () => {
    expect(meant('Merrin 14 aug')).toMatchObject({
      rest: 'merrin',
      first: '2027-08-14',
      last: '2027-08-14',
      daySaid: true,
      what: null,
    });
    expect(meant('merrin umber next fri')).toMatchObject({ rest: 'merrin umber' });
  });

  it('asks what lapses in a month', () => {
    expect(meant('lapse may')).toMatchObject({
      what: 'LAPSE',
      first: '2027-05-01',
      last: '2027-05-31',
      rest: '',
    });
    expect(meant('who loses hourly leave in december 2027')).toMatchObject({
      what: 'LAPSE',
      policies: [LEAVE],
      last: '2027-12-31',
      rest: '',
    });
  });

  it('knows policies, teams and places, whatever the order', () => {
    expect(meant('grounds sick 1 june')).toMatchObject({
      teams: [GROUNDS],
      policies: [SICK],
      first: '2027-06-01',
      rest: '',
    });
    expect(meant('vacation merrin')).toMatchObject({ policies: [LEAVE], rest: 'merrin' });
  });

  it('leaves over what it does not know, also names that begin like days', () => {
    expect(meant('sunniva')).toMatchObject({ rest: 'sunniva', daySaid: false });
    expect(meant('zzz 31 february')).toMatchObject({ rest: 'zzz 31', daySaid: true });
  });
});
