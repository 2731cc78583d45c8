import type { OwnFigures } from '../api/types';

export type FigureName = Exclude<keyof OwnFigures, 'waitToEarn' | 'waitToUse'>;

/** The amounts that can be other for one person. */
export const FIGURES: [FigureName, string][] = [
  ['figure', 'Earns'],
  ['balanceLimit', 'May hold at most'],
  ['earnedPerYear', 'Earns a year at most'],
  ['usedPerYear', 'Uses a year at most'],
  ['overdraw', 'May overdraw by'],
  ['carry', 'Carries over at most'],
];

/** What an exception says, in few words. */
export function exceptionWords(figures: OwnFigures): string {
  const amounts = FIGURES.filter(([name]) => figures[name] !== null).map(
    ([name, label]) => `${label.toLowerCase()} ${figures[name]}`,
  );
  const waits = (
    [
      ['waitToEarn', 'before earning'],
      ['waitToUse', 'before use'],
    ] as const
  )
    .filter(([name]) => figures[name] !== null)
    .map(
      ([name, label]) =>
        `waits ${figures[name]!.count} ${figures[name]!.in.toLowerCase()} ${label}`,
    );
  return [...amounts, ...waits].join(', ');
}
