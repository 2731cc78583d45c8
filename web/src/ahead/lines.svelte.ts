import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { Foreseen, ForeseenRow } from '../api/types';

/** What the page was narrowed to. */
export type Wanted = {
  weeks: number;
  teamId?: number;
  policyId?: number;
  what?: Foreseen['what'];
};

const AT_ONCE = 100;
const MOST_AT_ONCE = 1000;

/** The balances that a group is about: as many as are looked at, and all where something is done for all. */
export class Lines {
  rows = $state.raw<ForeseenRow[]>([]);
  problem = $state<Problem | null>(null);
  busy = $state(false);
  #onTheirWay = Promise.resolve();
  readonly #group: Foreseen;
  readonly #wanted: Wanted;

  constructor(group: Foreseen, wanted: Wanted) {
    this.#group = group;
    this.#wanted = wanted;
  }

  get left(): number {
    return this.#group.lines - this.rows.length;
  }

  /** Fetches the next ones, unless some are on their way. */
  async more(): Promise<void> {
    if (this.busy || this.left === 0) return;
    await this.#fetching(async () => {
      const next = await this.#part(this.rows.length / AT_ONCE, AT_ONCE);
      this.rows = [...this.rows, ...next];
    });
  }

  /** All of them, once those on their way are here; null if they cannot be had. */
  async all(): Promise<ForeseenRow[] | null> {
    await this.#onTheirWay;
    if (this.left === 0) return this.rows;
    let all: ForeseenRow[] | null = null;
    await this.#fetching(async () => {
      const parts: ForeseenRow[][] = [];
      for (let part = 0; part * MOST_AT_ONCE < this.#group.lines; part++) {
        parts.push(await this.#part(part, MOST_AT_ONCE));
      }
      all = parts.flat();
    });
    return all;
  }

  #fetching(work: () => Promise<void>): Promise<void> {
    this.busy = true;
    this.problem = null;
    this.#onTheirWay = work()
      .catch((thrown) => {
        this.problem = Problem.of(thrown);
      })
      .finally(() => {
        this.busy = false;
      });
    return this.#onTheirWay;
  }

  async #part(page: number, size: number): Promise<ForeseenRow[]> {
    const { what, policyId, on } = this.#group;
    const ofGroup = { groupWhat: what, groupPolicyId: policyId, on };
    const query = { ...this.#wanted, ...ofGroup, page, size };
    return (await answer(api.GET('/api/ahead/lines', { params: { query } }))).items;
  }
}
