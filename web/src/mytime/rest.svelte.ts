import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { AskedDay, RequestReview } from '../api/types';

/** Days of a request that are asked for as another kind of leave, and sent together with the others. */
export class Rest {
  policyId = $state<number | null>(null);
  days = $state<AskedDay[]>([]);
  review = $state<RequestReview | null>(null);
  problem = $state<Problem | null>(null);

  readonly #personId: number;

  /** Whether nothing stands against it, or there is none. */
  readonly sendable = $derived(
    this.policyId === null ||
      (this.review !== null && this.review.problems.every((each) => each.withNote)),
  );

  constructor(personId: number) {
    this.#personId = personId;
  }

  draft(note: string) {
    return {
      personId: this.#personId,
      policyId: this.policyId!,
      days: this.days,
      note,
      answers: null,
      documents: null,
      replaces: null,
    };
  }

  async begin(policyId: number, days: AskedDay[], note: string) {
    this.policyId = policyId;
    this.days = days;
    this.review = null;
    this.problem = null;
    try {
      this.review = await answer(api.POST('/api/requests/preview', { body: this.draft(note) }));
    } catch (thrown) {
      this.problem = Problem.of(thrown);
    }
  }

  clear() {
    this.policyId = null;
    this.days = [];
    this.review = null;
    this.problem = null;
  }
}
