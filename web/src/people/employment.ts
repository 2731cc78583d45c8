import { amount } from '../common/format';
import type { EmploymentType, PersonDetails, Placing, StarterForm } from '../api/types';

export const EMPLOYMENT_TYPES: [EmploymentType, string][] = [
  ['HOURLY', 'Hourly'],
  ['SALARIED', 'Salaried'],
  ['SEASONAL', 'Seasonal'],
];

export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** A figure as somebody types it, in the form the server reads. */
export function figure(typed: string): string {
  return typed.trim().replace(',', '.').replace('−', '-') || '0';
}

/** A week in few words: equal days are told once. */
export function weekWords(week: string[]): string {
  const total = week.reduce((sum, hours) => sum + Number(hours), 0);
  const working = week
    .map((hours, at) => [WEEKDAYS[at]!, Number(hours)] as const)
    .filter(([, hours]) => hours > 0);
  const same = new Set(working.map(([, hours]) => hours)).size === 1;
  const days = same
    ? `${amount(String(working[0]![1]))} hours on ${working.map(([day]) => day).join(', ')}`
    : working.map(([day, hours]) => `${day} ${amount(String(hours))}`).join(', ');
  return `${Math.round(total * 100) / 100} hours a week: ${days}`;
}

/** Somebody new with what is usual filled in. */
export function starter(placing: Placing, hired: string): StarterForm {
  const details: PersonDetails = {
    code: '',
    name: '',
    email: null,
    serviceFrom: hired,
    clockCode: null,
  };
  return {
    details,
    placing,
    hired,
    lastDay: null,
    week: ['8', '8', '8', '8', '8', '0', '0'],
    fte: '1',
  };
}
