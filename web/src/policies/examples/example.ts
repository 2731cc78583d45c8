import { plusMonths } from '../../common/dates';
import { counted, longDay, plusDays } from '../../common/format';

/** A case file without its policy; amounts are decimal texts. */
export interface Example {
  case: string;
  employee: Employee;
  payCalendar?: { every: string; anchor?: string };
  holidays?: string[];
  facts?: Fact[];
  ask: string[];
  expect?: ExpectedDay[];
}

export type Weekday = 'mon' | 'tue' | 'wed' | 'thu' | 'fri' | 'sat' | 'sun';

export type Week = Partial<Record<Weekday, string>> & { from?: string };

interface Employee {
  hired: string;
  lastDay?: string;
  enrolled?: string;
  serviceFrom?: string;
  fte?: { from: string; value: string }[];
  schedule?: Week | Week[];
  pauses?: { from: string; to: string }[];
}

export interface Fact {
  on?: string;
  from?: string;
  to?: string;
  work?: string;
  kind?: string;
  take?: string;
  adjust?: string;
  reason?: string;
  opening?: string;
  earnedThisYear?: string;
  usedThisYear?: string;
  lots?: unknown[];
  hoursTowardNextStep?: string;
}

export const FIGURES = [
  'balance',
  'available',
  'earnedThisYear',
  'usedThisYear',
  'withheldThisYear',
  'lapsed',
  'paidOut',
] as const;

export type Figure = (typeof FIGURES)[number];

export type ExpectedDay = { asOf: string } & Partial<Record<Figure, string>>;

export const FIGURE_WORDS: Record<Figure, string> = {
  balance: 'Balance',
  available: 'Available',
  earnedThisYear: 'Earned in the year',
  usedThisYear: 'Used in the year',
  withheldThisYear: 'Withheld in the year',
  lapsed: 'Lapsed so far',
  paidOut: 'Paid out so far',
};

export const WEEKDAYS: Weekday[] = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

const SCHEDULED = 'scheduled';

export type FactKind = 'WORKS' | 'HOURS' | 'AWAY' | 'TAKES' | 'ADJUSTED' | 'OPENING';

export const FACT_WORDS: Record<FactKind, string> = {
  WORKS: 'works as scheduled',
  HOURS: 'works hours',
  AWAY: 'is away whole days',
  TAKES: 'takes an amount',
  ADJUSTED: 'is adjusted by',
  OPENING: 'begins with',
};

export function factKind(fact: Fact): FactKind {
  if (fact.work !== undefined) return fact.work === SCHEDULED ? 'WORKS' : 'HOURS';
  if (fact.take !== undefined) return fact.take === SCHEDULED ? 'AWAY' : 'TAKES';
  return fact.adjust === undefined ? 'OPENING' : 'ADJUSTED';
}

/** A fact of another kind on the same day. */
export function factOf(kind: FactKind, day: string): Fact {
  switch (kind) {
    case 'WORKS':
      return { from: day, to: day, work: SCHEDULED };
    case 'HOURS':
      return { on: day, work: '' };
    case 'AWAY':
      return { from: day, to: day, take: SCHEDULED };
    case 'TAKES':
      return { on: day, take: '' };
    case 'ADJUSTED':
      return { on: day, adjust: '', reason: '' };
    case 'OPENING':
      return { on: day, opening: '', earnedThisYear: '', usedThisYear: '' };
  }
}

export function firstDay(fact: Fact): string {
  return fact.on ?? fact.from ?? '';
}

/** Somebody full-time, hired on a day, with nothing expected yet. */
export function nobodyYet(hired: string): Example {
  return {
    case: '',
    employee: { hired, schedule: weekOf('8') },
    facts: [],
    ask: [],
    expect: [{ asOf: hired }],
  };
}

export function weekOf(hours: string): Week {
  return { mon: hours, tue: hours, wed: hours, thu: hours, fri: hours };
}

/** The one week somebody works, or nothing where it changes on some day. */
export function onlyWeek(example: Example): Week | null {
  const { schedule } = example.employee;
  if (schedule === undefined) return weekOf('8');
  if (!Array.isArray(schedule)) return schedule;
  return schedule.length === 1 ? schedule[0]! : null;
}

/** Reads what the server wrote, so that it can be changed: every day that is asked for becomes a row. */
export function read(written: string): Example {
  const example = JSON.parse(written) as Example;
  const expect = (example.ask ?? []).map(
    (asOf) => (example.expect ?? []).find((day) => day.asOf === asOf) ?? { asOf },
  );
  return { ...example, facts: example.facts ?? [], ask: example.ask ?? [], expect };
}

/** What is left out says nothing; a decimal comma is a decimal point. */
function written(value: unknown, key = ''): unknown {
  if (Array.isArray(value)) return value.map((each) => written(each));
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(
      Object.entries(value)
        .filter(([, each]) => each !== '' && each !== undefined && each !== null)
        .map(([name, each]) => [name, written(each, name)]),
    );
  }
  return typeof value === 'string' && !['case', 'reason', 'kind'].includes(key)
    ? value.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2')
    : value;
}

/** The text of an example as it stands on the page. */
export function write(example: Example): string {
  const days = (example.expect ?? []).filter((day) => day.asOf !== '');
  return JSON.stringify(
    written({
      ...example,
      case: example.case.trim(),
      ask: days.map((day) => day.asOf),
      expect: days.filter((day) => FIGURES.some((figure) => (day[figure] ?? '').trim() !== '')),
    }),
  );
}

/** What an example says that the page does not let one change. */
export function alsoSays({ employee, holidays, payCalendar }: Example): string[] {
  const said: string[] = [];
  if (Array.isArray(employee.schedule) && employee.schedule.length > 1) {
    said.push(`working time that changes ${counted(employee.schedule.length - 1, 'time')}`);
  }
  for (const { from, value } of employee.fte ?? []) {
    said.push(`a full-time equivalent of ${value} from ${longDay(from)}`);
  }
  for (const { from, to } of employee.pauses ?? []) {
    said.push(`a pause from ${longDay(from)} to ${longDay(to)}`);
  }
  if (employee.serviceFrom) said.push(`service counted from ${longDay(employee.serviceFrom)}`);
  if (employee.enrolled) said.push(`enrolled from ${longDay(employee.enrolled)}`);
  if (holidays && holidays.length > 0) said.push(counted(holidays.length, 'holiday'));
  if (payCalendar) said.push(`paid by the ${payCalendar.every.replace('-', ' ')}`);
  return said;
}

/** The last day of each benefit year within some days, the day after it, and the last of them. */
export function tellingDays(first: string, last: string, benefitYear: string): string[] {
  const days = new Set<string>();
  for (let year = 0; year < 4; year++) {
    const begins =
      benefitYear === 'hire-anniversary'
        ? plusMonths(first, 12 * year)
        : `${Number(first.slice(0, 4)) + year}-${benefitYear}`;
    if (begins > first && begins <= last) days.add(plusDays(begins, -1)).add(begins);
  }
  return [...days.add(last)].sort();
}
