import { describe, expect, it } from 'vitest';
import { differences } from './differences';

describe('what a record of the audit trail shows', () => {
  it('leaves out what stayed as it was', () => {
    const before = JSON.stringify({ site: 'Brindlemoor', approverId: 'Osric', fte: '1' });
    const after = JSON.stringify({ site: 'Brindlemoor', approverId: 'Nuala', fte: '1' });
    expect(differences(before, after)).toEqual([
      { field: 'approver', before: 'Osric', after: 'Nuala' },
    ]);
  });

  it('tells nested values by their path in words', () => {
    const before = JSON.stringify({ earning: { forEvery: '27' }, waitToUse: null });
    const after = JSON.stringify({ earning: { forEvery: '29' }, waitToUse: { count: 50 } });
    expect(differences(before, after)).toEqual([
      { field: 'earning, for every', before: '27', after: '29' },
      { field: 'wait to use, count', before: null, after: '50' },
    ]);
  });

  it('writes plain lists in one line and lists of things one by one', () => {
    const after = JSON.stringify({
      types: ['HOURLY', 'SEASONAL'],
      tenure: [{ amount: '9' }, { amount: '11' }],
      excluded: [],
    });
    expect(differences(null, after)).toEqual([
      { field: 'types', before: null, after: 'HOURLY, SEASONAL' },
      { field: 'tenure 1, amount', before: null, after: '9' },
      { field: 'tenure 2, amount', before: null, after: '11' },
    ]);
  });

  it('shows a value that is no record, or was cut off, as it is', () => {
    expect(differences('regular 7', 'regular 7.5')).toEqual([
      { field: 'value', before: 'regular 7', after: 'regular 7.5' },
    ]);
    expect(differences('[{"personId":', null)).toHaveLength(1);
  });
});
