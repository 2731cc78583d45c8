import type { OwnFigures } from '../api/types';
import { LIMITS } from '../policies/limits';
import { timeWords } from '../policies/waits';

const WAITS = [
  ['waitToEarn', 'before earning'],
  ['waitToUse', 'before use'],
] as const;

/** What an exception says, in few words. */
export function exceptionWords(figures: OwnFigures): string {
  const amounts: [string, string | null | undefined][] = [
    ['Earns', figures.amount],
    ...LIMITS.map(({ limit, exception }): [string, string | undefined] => [
      exception,
      figures.limits?.[limit],
    ]),
    ['Carries over at most', figures.carry],
  ];
  return [
    ...amounts
      .filter(([, figure]) => figure !== null && figure !== undefined)
      .map(([says, figure]) => `${says.toLowerCase()} ${figure}`),
    ...WAITS.flatMap(([name, words]) =>
      figures[name] === null ? [] : [`waits ${timeWords(figures[name])} ${words}`],
    ),
  ].join(', ');
}
