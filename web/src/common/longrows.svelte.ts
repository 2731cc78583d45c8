import { Problem } from '../api/problem';
import { PART, partsOf } from './window';

interface Part<R, H> {
  rows: R[];
  total: number;
  /** What stands above the rows, such as their columns. */
  head: H;
}

/** The rows of a table that is too long to be fetched whole: those in sight are asked for part by part. */
export class LongRows<R, H> {
  total = $state<number | null>(null);
  head = $state.raw<H | null>(null);
  problem = $state<Problem | null>(null);
  /** How many questions were answered. */
  answered = $state(0);
  #rows = $state.raw<Record<number, R>>({});
  #fetch: ((firstRow: number, size: number) => Promise<Part<R, H>>) | null = null;
  #asked: number[] = [];
  #question = 0;
  #inSight = { first: 0, last: 0 };

  /** Asks another question; what was shown stays until its answer is there. */
  ask(fetch: (firstRow: number, size: number) => Promise<Part<R, H>>): void {
    this.#fetch = fetch;
    this.#question++;
    this.#asked = [];
    this.#want(true);
  }

  /** Fetches what is missing of some rows. */
  want(first: number, last: number): void {
    this.#inSight = { first, last };
    this.#want(false);
  }

  /** The rows of a stretch that are here, without a gap. */
  rows(first: number, last: number): { first: number; rows: R[] } {
    let from = first;
    while (from < last && this.#rows[from] === undefined) from++;
    const rows: R[] = [];
    for (let at = from; at < last && this.#rows[at] !== undefined; at++) rows.push(this.#rows[at]!);
    return { first: from, rows };
  }

  #want(anew: boolean): void {
    for (const part of partsOf(this.#inSight.first, this.#inSight.last)) {
      if (!this.#asked.includes(part)) void this.#part(part, anew);
    }
  }

  async #part(part: number, anew: boolean): Promise<void> {
    const question = this.#question;
    this.#asked.push(part);
    try {
      const { rows, total, head } = await this.#fetch!(part * PART, PART);
      if (question !== this.#question) return;
      const isFirst = anew && this.#asked[0] === part;
      const before = isFirst ? {} : this.#rows;
      this.#rows = {
        ...before,
        ...Object.fromEntries(rows.map((row, at) => [part * PART + at, row])),
      };
      this.total = total;
      this.head = head;
      this.problem = null;
      if (isFirst) this.answered++;
    } catch (thrown) {
      if (question !== this.#question) return;
      this.#asked = this.#asked.filter((each) => each !== part);
      this.problem = Problem.of(thrown);
    }
  }
}
