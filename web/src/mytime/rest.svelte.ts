import { soon } from '../common/soon';
import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { AskedDay, RequestReview } from '../api/types';

const ASKED_AFTER_MS = 150;

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

  begin(policyId: number, days: AskedDay[]) {
    this.policyId = policyId;
    this.days = days;
    this.review = null;
    this.problem = null;
  }

  /** Asks what it would cost a moment after the last change of the note; the answer tells how not to. */
  reviewSoon(note: string): (() => void) | undefined {
    if (this.policyId === null) return undefined;
    const body = this.draft(note);
    return soon(() => {
      answer(api.POST('/api/requests/preview', { body })).then(
        (found) => {
          this.review = found;
          this.problem = null;
        },
        (thrown) => (this.problem = Problem.of(thrown)),
      );
    }, ASKED_AFTER_MS);
  }

  clear() {
    this.policyId = null;
    this.days = [];
    this.review = null;
    this.problem = null;
  }
}
