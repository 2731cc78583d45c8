import { describe, expect, it } from 'vitest';
import type { LookoutItem } from '../api/types';
import { bundles, names, togetherWords } from './bundles';

function item(kind: LookoutItem['kind'], person: string, by: string, amount: string): LookoutItem {
  return {
    urgency: 'FURTHER_AHEAD',
    kind,
    by,
    what: `${person} is in it`,
    why: '',
    personId: 1,
    person,
    requestId: null,
    runId: null,
    policyId: 3,
    policy: 'Hourly leave',
    amount,
    unit: 'HOURS',
  };
}

describe('what happens to several people', () => {
  it('stands together by kind and policy, and what lapses by its day', () => {
    const found = bundles([
      item('LAPSE', 'Kerensa', '2027-04-30', '4.5'),
      item('WAIT_ENDS', 'Merrin', '2027-05-02', '9'),
      item('LAPSE', 'Nuala', '2027-04-30', '0.25'),
      item('LAPSE', 'Osric', '2027-05-31', '1'),
      item('REQUEST', 'Perran', '2027-05-03', '8'),
      item('REQUEST', 'Perran', '2027-05-03', '8'),
    ]);
    expect(found.map((bundle) => bundle.map((each) => each.person))).toEqual([
      ['Kerensa', 'Nuala'],
      ['Merrin'],
      ['Osric'],
      ['Perran'],
      ['Perran'],
    ]);
    expect(togetherWords(found[0]!)).toBe('are about to lose 4.75 hours of Hourly leave');
  });

  it('names everybody, or of many the first ones and how many more there are', () => {
    const of = (many: number) =>
      Array.from({ length: many }, (_, at) => item('TENURE', `P${at + 1}`, '2027-05-02', '0'));
    expect(names(of(2))).toBe('P1, P2');
    expect(names(of(13))).toMatch(/^P1, .*, P12, P13$/);
    expect(names(of(143))).toBe('P1, P2, P3, P4, P5, P6, P7, P8, P9, P10, P11, P12 and 131 more');
  });
});
