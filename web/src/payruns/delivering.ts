import type { Delivery } from '../api/types';
import { counted, dayAndTime } from '../common/format';

/** What became of a delivery, in one sentence. */
export function deliveryInWords(delivery: Delivery): string {
  const what = delivery.reversal
    ? 'What the undone close had delivered is taken back'
    : delivery.attempt > 1
      ? 'Refused rows, delivered again'
      : 'The close';
  if (delivery.answeredAt !== null) {
    return `${what}: answered ${dayAndTime(delivery.answeredAt)}.`;
  }
  if (delivery.tries === 0) return `${what}: on its way.`;
  return `${what}: no answer after ${counted(delivery.tries, 'try').replace('trys', 'tries')}. ${delivery.failure ?? ''} It is sent again by itself; payroll takes each row once.`;
}
