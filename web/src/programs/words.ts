import type { HookEvent, Permission } from '../api/types';

/** What a program may, in words. */
export const MAY: Partial<Record<Permission, string>> = {
  RUN_PAYROLL: 'pay runs, hours, year’s ends and what payroll gets',
  SEE_EVERYBODY: 'see everybody’s balances and requests',
  DECIDE_FOR_EVERYBODY: 'decide requests',
  DECIDE_FOR_THE_ASSIGNED: 'balances and what is ahead',
  ENTER_LEAVE: 'enter leave',
  ADJUST_BALANCES: 'adjust balances and openings',
  KEEP_PEOPLE: 'people, teams and enrolments',
  WRITE_POLICIES: 'policies',
  KEEP_HOLIDAYS: 'holidays',
  READ_REPORTS: 'reports',
  SEE_PAY_RATES: 'pay rates and what leave is worth',
  READ_THE_TRAIL: 'the audit trail',
  KEEP_THE_COMPANY: 'a copy of the whole company',
};

export const EVENTS: Record<HookEvent, string> = {
  RUN_CLOSED: 'a run is closed',
  RUN_UNDONE: 'a close is undone',
  REQUEST_DECIDED: 'a request is decided',
  REQUEST_CANCELLED: 'approved leave is cancelled',
};
