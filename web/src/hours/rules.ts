import type { CardRules } from '../api/types';

/** The rules of a group as they are typed. */
export interface TypedRules {
  starts: string;
  roundingMinutes: number;
  breakAfter: string;
  breakMinutes: string;
  overtime: { over: CardRules['overtime'][number]['over']; hours: string; kind: string }[];
  typedByPerson: boolean;
  confirmedByPerson: boolean;
  confirmedByApprover: boolean;
}

export const STEPS = [1, 5, 6, 10, 15, 30];

export const OVERS = {
  DAY: 'over these hours a day',
  WEEK: 'over these hours a week',
  DAY_OFF: 'on days off and holidays',
} as const;

/** What is typed on: the rules that hold on a day, or none at all, from another day on. */
export function typedRules(known: CardRules[], starts: string): TypedRules {
  const held = known.filter((each) => each.starts <= starts).at(-1);
  return {
    starts,
    roundingMinutes: held?.roundingMinutes ?? 1,
    breakAfter: held?.breakAfter ?? '',
    breakMinutes: held?.breakMinutes === null || !held ? '' : String(held.breakMinutes),
    overtime: (held?.overtime ?? []).map((each) => ({ ...each })),
    typedByPerson: held?.typedByPerson ?? true,
    confirmedByPerson: held?.confirmedByPerson ?? false,
    confirmedByApprover: held?.confirmedByApprover ?? false,
  };
}

const decimal = (text: string) => text.trim().replace(',', '.');

/** The rules as the server reads them. */
export function writtenRules(typed: TypedRules): CardRules {
  return {
    starts: typed.starts,
    roundingMinutes: typed.roundingMinutes,
    breakAfter: decimal(typed.breakAfter) || null,
    breakMinutes: typed.breakMinutes.trim() === '' ? null : Number(typed.breakMinutes),
    overtime: typed.overtime.map((each) => ({
      ...each,
      hours: each.over === 'DAY_OFF' ? '0' : decimal(each.hours),
    })),
    typedByPerson: typed.typedByPerson,
    confirmedByPerson: typed.confirmedByPerson,
    confirmedByApprover: typed.confirmedByApprover,
  };
}
