import { isDecimal } from './decimal';

export const HOWS = {
  'at-least': 'at least',
  'at-most': 'at most',
  exactly: 'exactly',
  between: 'between',
} as const;

/** A condition on a figure as it is typed. */
export interface Condition {
  /** By the name that the server knows. */
  figure: string;
  how: keyof typeof HOWS;
  bound: string;
  upTo: string;
}

/** Reads what is typed as the server wants it; null where it is no figure. */
export type ReadFigure = (figure: string, typed: string) => string | null;

/** An amount with a comma or a point. */
export function amountTyped(_: string, typed: string): string | null {
  const text = typed.trim().replace('−', '-').replace(',', '.');
  return isDecimal(text) ? text : null;
}

/** The conditions as they are sent, those without a figure left out; null as long as one cannot be read. */
export function writtenConditions(conditions: Condition[], read: ReadFigure): string[] | null {
  const all = conditions
    .filter(({ bound }) => bound.trim() !== '')
    .map(({ figure, how, bound, upTo }) => {
      const from = read(figure, bound);
      const to = how === 'between' ? read(figure, upTo) : '';
      return from === null || to === null ? null : `${figure} ${how} ${from} ${to}`.trim();
    });
  return all.some((each) => each === null) ? null : (all as string[]);
}

/** Conditions that were written once, such as `worked at-least 8`. */
export function readConditions(written: string[]): Condition[] {
  return written.map((each) => {
    const [figure = '', how = 'at-least', bound = '', upTo = ''] = each.split(' ');
    return { figure, how: how as Condition['how'], bound, upTo };
  });
}
