import { answer, api } from '../api/client';
import { clockTime } from '../common/clock';
import { isDecimal } from '../common/decimal';

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

export const HOWS = {
  'at-least': 'at least',
  'at-most': 'at most',
  exactly: 'exactly',
  between: 'between',
} as const;

/** A condition as it is typed. */
export interface Condition {
  figure: keyof typeof FIGURES;
  how: keyof typeof HOWS;
  bound: string;
  upTo: string;
}

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
export function figureTyped(figure: Condition['figure'], typed: string): string | null {
  const text = typed.trim().replace(',', '.');
  if (figure === 'first_in' || figure === 'last_out') {
    const time = clockTime(typed);
    if (time === null) return null;
    const [hour, minute] = time.split(':').map(Number) as [number, number];
    return String(Math.round((hour + minute / 60) * 10_000) / 10_000);
  }
  return isDecimal(text) ? text : null;
}

/** The conditions as they are sent; null as long as one cannot be read. */
export function written(conditions: Condition[]): string[] | null {
  const all = conditions.map(({ figure, how, bound, upTo }) => {
    const from = figureTyped(figure, bound);
    const to = how === 'between' ? figureTyped(figure, upTo) : '';
    return from === null || to === null ? null : `${figure} ${how} ${from} ${to}`.trim();
  });
  return all.some((each) => each === null) ? null : (all as string[]);
}

/** A view that somebody keeps under a name. */
export interface KeptView {
  name: string;
  wanted: Wanted;
}

/** The views of attendance that somebody keeps. */
export class KeptViews {
  all = $state<KeptView[]>([]);
  readonly #place = { params: { path: { place: 'ATTENDANCE' as const } } };

  async load(): Promise<void> {
    this.#set(await answer(api.GET('/api/views/{place}', this.#place)));
  }

  async keep(name: string, wanted: Wanted): Promise<void> {
    const body = { name, wanted: JSON.stringify(wanted) };
    this.#set(await answer(api.PUT('/api/views/{place}', { ...this.#place, body })));
  }

  async forget(name: string): Promise<void> {
    const params = { ...this.#place.params, query: { name } };
    this.#set(await answer(api.DELETE('/api/views/{place}', { params })));
  }

  #set(kept: { name: string; wanted: string }[]): void {
    this.all = kept.map(({ name, wanted }) => ({
      name,
      wanted: { ...EVERYBODY, ...(JSON.parse(wanted) as Partial<Wanted>) },
    }));
  }
}
