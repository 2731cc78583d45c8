import { clockTime } from '../common/clock';
import { amountTyped, type Condition } from '../common/conditions';

/** The figures on which a condition can be put, by the names that the server knows. */
export const FIGURES = {
  worked: 'Worked',
  breaks: 'Breaks',
  capacity: 'To work',
  overtime: 'Overtime',
  over: 'Over',
  under: 'Under',
  leave: 'Leave',
  holiday: 'Holiday',
  unfinished: 'Unfinished days',
  first_in: 'First in',
  last_out: 'Last out',
} as const;

/** What is wanted of attendance; days are kept only where somebody chose them. */
export interface Wanted {
  search: string;
  teamId: string;
  conditions: Condition[];
  onlyThere: boolean;
  order: string;
}

export const EVERYBODY: Wanted = {
  search: '',
  teamId: '',
  conditions: [],
  onlyThere: false,
  order: '',
};

/** A figure as the server reads it: hours with a comma or a point, or a time of the clock for first in and last out. */
export function figureTyped(figure: string, typed: string): string | null {
  if (figure === 'first_in' || figure === 'last_out') {
    const time = clockTime(typed);
    if (time === null) return null;
    const [hour, minute] = time.split(':').map(Number) as [number, number];
    return String(Math.round((hour + minute / 60) * 10_000) / 10_000);
  }
  return amountTyped(figure, typed);
}
