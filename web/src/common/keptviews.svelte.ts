import { answer, api } from '../api/client';
import type { ViewPlace } from '../api/types';

/** The views of a table that somebody keeps under names. */
export class KeptViews<W extends object> {
  all = $state<{ name: string; wanted: W }[]>([]);
  readonly #place;
  readonly #usual: W;

  /** @param usual what a view shows that says nothing about it */
  constructor(place: ViewPlace, usual: W) {
    this.#place = { params: { path: { place } } };
    this.#usual = usual;
  }

  async load(): Promise<void> {
    this.#set(await answer(api.GET('/api/views/{place}', this.#place)));
  }

  async keep(name: string, wanted: W): Promise<void> {
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
      wanted: { ...this.#usual, ...(JSON.parse(wanted) as Partial<W>) },
    }));
  }
}
