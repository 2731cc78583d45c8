import { describe, expect, it } from 'vitest';
import type { ExtraHours } from '../api/types';
import { becomes, exact } from './lieu';

const EXTRA: ExtraHours = {
  personId: 1,
  person: 'Only One',
  team: 'Grounds',
  kind: 'overtime',
  hours: '2',
  left: '2',
  policies: [{ policyId: 7, policy: 'Time in lieu', rate: '1.5' }],
  credits: [],
};

describe('time that extra hours become', () => {
  it('is exact, with a comma or a point', () => {
    expect(becomes(EXTRA, { policyId: 7, hours: '1,1' })).toBe('1.65');
    expect(becomes(EXTRA, { policyId: 7, hours: ' 0.1 ' })).toBe('0.15');
  });

  it('is nothing as long as the hours cannot be read', () => {
    expect(becomes(EXTRA, { policyId: 7, hours: '' })).toBe('');
    expect(becomes(EXTRA, { policyId: 7, hours: 'two' })).toBe('');
  });

  it('is sent with a point', () => {
    expect(exact(' 1,5 ')).toBe('1.5');
  });
});
