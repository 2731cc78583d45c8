import { describe, expect, it } from 'vitest';
import type { TermsWords } from '../api/types';
import { compared } from './comparison';

function text(rules: Record<string, string>): TermsWords {
  return {
    summary: '',
    sentences: [],
    rules: Object.entries(rules).map(([rule, words]) => ({ rule, words })),
  };
}

describe('two versions of a policy compared', () => {
  const monthly = text({ Earning: '7 hours each month', Posted: 'at its end', Rounded: 'up' });

  it('says nothing of versions that are the same', () => {
    expect(compared(monthly, structuredClone(monthly))).toEqual([]);
  });

  it('tells each rule that differs, and rules that only one of them has', () => {
    const hourly = text({
      Earning: '1 hour for every 30',
      'Only whole steps': 'no',
      Rounded: 'up',
    });
    expect(compared(monthly, hourly)).toEqual([
      { rule: 'Earning', before: '7 hours each month', after: '1 hour for every 30' },
      { rule: 'Posted', before: 'at its end', after: 'no such rule' },
      { rule: 'Only whole steps', before: 'no such rule', after: 'no' },
    ]);
  });
});
