import { describe, expect, it } from 'vitest';
import type { Permission, Session } from '../api/types';
import { placesOf } from './places';

const DECIDES: Permission[] = ['DECIDE_FOR_THE_ASSIGNED'];
const EVERYTHING: Permission[] = [
  ...DECIDES,
  'RUN_PAYROLL',
  'WRITE_POLICIES',
  'KEEP_PEOPLE',
  'KEEP_HOLIDAYS',
  'READ_THE_TRAIL',
];

function places(permissions: Permission[], personId: number | null): string[] {
  return placesOf({ permissions, personId } as Session).map((place) => place.name);
}

describe('where somebody can go', () => {
  it('is everything, in the order of the work, for an administrator', () => {
    expect(places(EVERYTHING, 2)).toEqual([
      'Lookout',
      'Requests',
      'My team',
      'Calendar',
      'Hours',
      'Pay runs',
      'Balances',
      'Policies',
      'People',
      'Holidays',
      'Audit trail',
      'My time',
      'My hours',
      'Notices',
      'Mailbox',
    ]);
  });

  it('has no time of one’s own for an administrator who is nobody’s employee', () => {
    expect(places(EVERYTHING, null)).not.toContain('My time');
  });

  it('is little for an approver and less for an employee', () => {
    expect(places(DECIDES, 4)).toEqual([
      'Lookout',
      'Requests',
      'My team',
      'Calendar',
      'Hours',
      'Balances',
      'My time',
      'My hours',
      'Notices',
      'Mailbox',
    ]);
    expect(places([], 27)).toEqual(['Calendar', 'My time', 'My hours', 'Notices', 'Mailbox']);
  });

  it('is what a permission opens and no more', () => {
    expect(places(['READ_THE_TRAIL'], null)).toEqual(['Calendar', 'Audit trail', 'Mailbox']);
  });

  it('names every place once', () => {
    const paths = placesOf({ permissions: EVERYTHING, personId: 2 } as Session).map(
      (place) => place.path,
    );
    expect(new Set(paths).size).toBe(paths.length);
  });
});
