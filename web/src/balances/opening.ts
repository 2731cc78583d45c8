import type { OpeningLine, OpeningRow } from '../api/types';
import { figure } from '../people/employment';

export const FIGURES = [
  'balance',
  'earnedThisYear',
  'usedThisYear',
  'hoursTowardNextStep',
] as const;
export type Figures = Record<(typeof FIGURES)[number], string>;

/** An opening balance as it is typed, beside the one that is there. */
export interface Typed {
  line: OpeningLine;
  policyId: number;
  on: string;
  figures: Figures;
}

/** A row of a file: what it means, or what is wrong with it. */
export interface FileRow {
  line: number;
  text: string;
  fault: string;
  row: OpeningRow | null;
}

export function keyOf(each: { policyId: number; line: { personId: number } }): string {
  return `${each.policyId}/${each.line.personId}`;
}

export function figuresOf(line: OpeningLine): Figures {
  return Object.fromEntries(FIGURES.map((name) => [name, line[name] ?? ''])) as Figures;
}

/** The ids of those for whom something is kept that was typed for a policy. */
export function peopleOf(policyId: number, keys: string[]): number[] {
  const own = `${policyId}/`;
  return keys.filter((key) => key.startsWith(own)).map((key) => Number(key.slice(own.length)));
}

export function isTyped(each: Typed): boolean {
  return FIGURES.some((name) => each.figures[name] !== (each.line[name] ?? ''));
}

/** Whether a search means somebody: all its words are in the name, the code or the team. */
export function isMeant(line: OpeningLine, search: string): boolean {
  const text = `${line.person} ${line.code} ${line.team}`.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

/** Those first that something is wrong with, so that they are seen among thousands. */
export function wrongFirst<T>(all: T[], isWrong: (each: T) => boolean): T[] {
  return [...all.filter(isWrong), ...all.filter((each) => !isWrong(each))];
}

export function asRow(each: Typed): OpeningRow {
  return {
    personId: each.line.personId,
    policyId: each.policyId,
    on: each.on,
    balance: figure(each.figures.balance),
    earnedThisYear: figure(each.figures.earnedThisYear),
    usedThisYear: figure(each.figures.usedThisYear),
    hoursTowardNextStep: figure(each.figures.hoursTowardNextStep),
  };
}

/** A person of a file who is not enrolled in the policy that it names. */
export function stranger(row: OpeningRow): OpeningLine {
  return {
    personId: row.personId,
    code: '',
    person: `Person ${row.personId}`,
    team: 'not enrolled',
    on: null,
    balance: null,
    earnedThisYear: null,
    usedThisYear: null,
    hoursTowardNextStep: null,
  };
}
