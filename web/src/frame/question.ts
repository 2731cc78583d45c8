import type { Foreseen, Policy } from '../api/types';
import { meantMonth } from '../common/dates';
import { words } from '../common/format';
import { meantDays } from '../common/spans';

/** What somebody asks in the command box. */
export interface Question {
  /** The first and the last day; today where none is said. */
  first: string;
  last: string;
  daySaid: boolean;
  /** What is asked to be about to happen, null where that is not asked. */
  what: Foreseen['what'] | 'ANYTHING' | null;
  policies: Policy[];
  teams: { id: number; name: string }[];
  /** The other words, by which people are found. */
  rest: string;
}

type Named = { id: number; name: string };

const TOPICS: Record<string, NonNullable<Question['what']>> = {
  ahead: 'ANYTHING',
  lapse: 'LAPSE',
  lose: 'LAPSE',
  withheld: 'WITHHELD',
  limit: 'LIMIT_REACHED',
  wait: 'USE_BEGINS',
  tenure: 'TENURE_STEP',
  service: 'TENURE_STEP',
  negative: 'BELOW_ZERO',
  below: 'BELOW_ZERO',
  grant: 'GRANT',
  'paid out': 'PAY_OUT',
};

/** Words that say nothing by themselves here. */
const FILLERS = [
  'on',
  'in',
  'of',
  'the',
  'for',
  'what',
  'who',
  'balance',
  'balances',
  'has',
  'will',
];

/** Understands days in words, policies, teams and what may be ahead; the words that are left are of a person. */
export function meantQuestion(
  typed: string,
  policies: Policy[],
  teams: Named[],
  today: string,
): Question {
  let tokens = typed.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const days = daysIn(tokens, today);
  if (days) tokens = tokens.filter((_, at) => at < days.from || at >= days.to);
  const topic = Object.keys(TOPICS).find((word) =>
    tokens.some(
      (token) => token.startsWith(word.split(' ')[0]!) && token.length <= word.length + 2,
    ),
  );
  if (topic)
    tokens = tokens.filter((token) => !topic.split(' ').some((word) => token.startsWith(word)));
  tokens = tokens.filter((token) => !FILLERS.includes(token));
  const policy = taken(tokens, policies, (each) => `${each.name} ${words(each.kind)}`);
  const team = taken(policy.rest, teams, (each) => each.name);
  return {
    first: days?.first ?? today,
    last: days?.last ?? today,
    daySaid: days !== null,
    what: topic ? TOPICS[topic]! : null,
    policies: policy.meant,
    teams: team.meant,
    rest: team.rest.join(' '),
  };
}

/** The longest run of words that means a day, several days or a month. */
function daysIn(tokens: string[], today: string) {
  for (let length = Math.min(tokens.length, 6); length > 0; length--) {
    for (let from = 0; from + length <= tokens.length; from++) {
      const text = tokens.slice(from, from + length).join(' ');
      const days = meantDays(text, today) ?? meantMonth(text, today);
      if (days) return { from, to: from + length, first: days[0]!, last: days.at(-1)! };
    }
  }
  return null;
}

/** The things whose names have a word that begins with one that was typed, of at least three letters. */
function taken<T>(tokens: string[], all: T[], named: (each: T) => string) {
  let meant = all;
  const rest: string[] = [];
  let found = false;
  for (const token of tokens) {
    const matching = meant.filter((each) =>
      named(each)
        .toLowerCase()
        .split(/\s+/)
        .some((word) => token.length >= 3 && word.startsWith(token)),
    );
    if (matching.length > 0) {
      meant = matching;
      found = true;
    } else rest.push(token);
  }
  return { meant: found ? meant : [], rest };
}
