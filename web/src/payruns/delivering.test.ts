import { describe, expect, it } from 'vitest';
import type { Delivery } from '../api/types';
import { deliveryInWords } from './delivering';

function delivery(change: Partial<Delivery>): Delivery {
  return {
    id: 1,
    runId: 1,
    closing: 1,
    reversal: false,
    attempt: 1,
    askedAt: '2027-04-26T10:00:00',
    askedBy: 'Ada Payroll',
    tries: 0,
    failure: null,
    answeredAt: null,
    ...change,
  };
}

describe('what became of a delivery', () => {
  it('is on its way at first', () => {
    expect(deliveryInWords(delivery({}))).toBe('The close: on its way.');
  });

  it('says how often there was no answer, and why', () => {
    expect(deliveryInWords(delivery({ tries: 2, failure: 'Payroll does not answer.' }))).toBe(
      'The close: no answer after 2 tries. Payroll does not answer. It is sent again by itself; payroll takes each row once.',
    );
  });

  it('tells a reversal from rows that are delivered again', () => {
    expect(deliveryInWords(delivery({ reversal: true }))).toMatch(/^What the undone close had/);
    expect(deliveryInWords(delivery({ attempt: 2 }))).toMatch(/^Refused rows, delivered again/);
  });
});
