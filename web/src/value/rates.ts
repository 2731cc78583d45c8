import type { PersonRate } from '../api/types';

/** What a rate is for. */
export const PER: Record<PersonRate['per'], string> = {
  HOUR: 'an hour',
  DAY: 'a day',
  MONTH: 'a month',
  YEAR: 'a year',
};
