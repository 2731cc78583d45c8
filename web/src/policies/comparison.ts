import type { TermsWords } from '../api/types';

/** One rule under two texts, in words. */
export interface Changed {
  rule: string;
  before: string;
  after: string;
}

const NONE = 'no such rule';

/** The rules that differ between two texts, each in words; one that only one of them has is none in the other. */
export function compared(before: TermsWords, after: TermsWords): Changed[] {
  const names = [...new Set([...before.rules, ...after.rules].map(({ rule }) => rule))];
  const words = (text: TermsWords, name: string) =>
    text.rules.find(({ rule }) => rule === name)?.words ?? NONE;
  return names
    .map((rule) => ({ rule, before: words(before, rule), after: words(after, rule) }))
    .filter((each) => each.before !== each.after);
}
