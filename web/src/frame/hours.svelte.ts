import { answer, api } from '../api/client';
import type { HoursKind } from '../api/types';

/** The kinds of hours that can be recorded, asked for once. */
class HoursKinds {
  #all = $state<HoursKind[]>([]);
  #asked = false;

  get names(): string[] {
    return this.#kinds().map((each) => each.name);
  }

  /** Those that count for earning by hours worked unless a policy says otherwise. */
  get usual(): string[] {
    return this.#kinds()
      .filter((each) => each.countsUsually)
      .map((each) => each.name);
  }

  #kinds(): HoursKind[] {
    if (!this.#asked) {
      this.#asked = true;
      answer(api.GET('/api/organisation/hours-kinds')).then(
        (all) => (this.#all = all),
        () => (this.#asked = false),
      );
    }
    return this.#all;
  }
}

export const hoursKinds = new HoursKinds();
