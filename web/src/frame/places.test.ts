import { describe, expect, it } from 'vitest';
import type { Session } from '../api/types';
import { placesOf } from './places';

function places(role: Session['role'], personId: number | null): string[] {
  return placesOf({ role, personId } as Session).map((place) => place.name);
}

describe('where somebody can go', () => {
  it('is everything, in the order of the work, for an administrator', () => {
    expect(places('ADMINISTRATOR', 2)).toEqual([
      'Lookout',
      'Requests',
      'Pay runs',
      'Balances',
      'Policies',
      'People',
      'Holidays',
      'Audit trail',
      'My time',
      'Mailbox',
    ]);
  });

  it('has no time of one’s own for an administrator who is nobody’s employee', () => {
    expect(places('ADMINISTRATOR', null)).not.toContain('My time');
  });

  it('is little for an approver and less for an employee', () => {
    expect(places('APPROVER', 4)).toEqual([
      'Lookout',
      'Requests',
      'Balances',
      'My time',
      'Mailbox',
    ]);
    expect(places('EMPLOYEE', 27)).toEqual(['My time', 'Mailbox']);
  });

  it('names every place once', () => {
    const paths = placesOf({ role: 'ADMINISTRATOR', personId: 2 } as Session).map(
      (place) => place.path,
    );
    expect(new Set(paths).size).toBe(paths.length);
  });
});
