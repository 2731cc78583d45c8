import { Problem } from '../api/problem';

const AT_ONCE = 100;
const MOST_AT_ONCE = 1000;

/** The rows of a list: as many as are looked at, and all where something is done for all. */
export class Rows<T> {
  rows = $state.raw<T[]>([]);
  problem = $state<Problem | null>(null);
  busy = $state(false);
  #onTheirWay = Promise.resolve();
  #total: number;
  readonly #part: (page: number, size: number) => Promise<T[]>;

  /** A list of so many rows, of which a part is fetched; pages count from 0. */
  constructor(total: number, part: (page: number, size: number) => Promise<T[]>) {
    this.#total = $state(total);
    this.#part = part;
  }

  get left(): number {
    return this.#total - this.rows.length;
  }

  /** Fetches the next ones, unless some are on their way. */
  async more(): Promise<void> {
    if (this.busy || this.left === 0) return;
    await this.#fetching(async () => {
      const next = await this.#part(this.rows.length / AT_ONCE, AT_ONCE);
      this.rows = [...this.rows, ...next];
      // some are no longer in it since they were counted
      if (next.length < AT_ONCE) this.#total = this.rows.length;
    });
  }

  /** All of them, once those on their way are here; null if they cannot be had. */
  async all(): Promise<T[] | null> {
    await this.#onTheirWay;
    if (this.left === 0) return this.rows;
    let all: T[] | null = null;
    await this.#fetching(async () => {
      const parts: T[][] = [];
      for (let part = 0; part * MOST_AT_ONCE < this.#total; part++) {
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
}
