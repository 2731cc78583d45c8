import { untrack } from 'svelte';
import { answer, api, fileBody } from '../api/client';
import { Problem } from '../api/problem';
import type {
  AskedDay,
  DocumentView,
  Holidays,
  Person,
  RequestReview,
  RequestRules,
} from '../api/types';
import { exactSum, isPositive, isZero, sameNumber } from '../common/decimal';
import { Work } from '../common/work.svelte';

const ASKED_AFTER_MS = 150;

/** A request while it is made: days marked, what the policy asks for, and what it would cost. */
export class Asking {
  marked = $state<AskedDay[]>([]);
  note = $state('');
  answers = $state<string[]>([]);
  documents = $state<DocumentView[]>([]);
  rules = $state<RequestRules | null>(null);
  review = $state<RequestReview | null>(null);
  readonly work = new Work();

  readonly #personId: number;
  #holidays = $state<Holidays | null>(null);
  #person = $state<Person | null>(null);

  readonly freeDays = $derived(
    Object.fromEntries(
      (this.#holidays?.holidays ?? [])
        .filter((holiday) => holiday.siteId === this.#person?.siteId)
        .map((holiday) => [holiday.on, holiday.name]),
    ),
  );
  readonly protectedDates = $derived(
    (this.#holidays?.protectedDates ?? []).filter(
      (dates) => dates.teamId === null || dates.teamId === this.#person?.teamId,
    ),
  );
  readonly costly = $derived(this.review?.days.filter((each) => isPositive(each.amount)) ?? []);

  constructor(personId: number) {
    this.#personId = personId;
  }

  /** The days that are free or protected, for the calendar. */
  begin(): Promise<boolean> {
    return this.work.do(async () => {
      [this.#holidays, this.#person] = await Promise.all([
        answer(api.GET('/api/holidays')),
        answer(api.GET('/api/people/{id}', { params: { path: { id: this.#personId } } })),
      ]);
    });
  }

  draft(policyId: number) {
    return {
      personId: this.#personId,
      policyId,
      days: this.marked,
      note: this.note,
      answers: [...this.answers],
      documents: this.documents.map((each) => each.id),
    };
  }

  /** What a policy asks for; answers to questions that stay are kept. */
  async loadRules(policyId: number) {
    const policy = await answer(
      api.GET('/api/policies/{id}', { params: { path: { id: policyId } } }),
    );
    const before = untrack(() => this.rules?.questions ?? []);
    const said = untrack(() => this.answers);
    this.rules = policy.rules;
    this.answers = policy.rules.questions.map((question, at) =>
      question === before[at] ? (said[at] ?? '') : '',
    );
  }

  /** Asks for the cost a moment after the last change; the answer tells how not to. */
  reviewSoon(policyId: number | null): (() => void) | undefined {
    const body = policyId === null ? null : this.draft(policyId);
    if (body === null || body.days.length === 0) {
      this.review = null;
      this.work.problem = null;
      return undefined;
    }
    const timer = window.setTimeout(() => {
      answer(api.POST('/api/requests/preview', { body })).then(
        (found) => {
          this.review = found;
          this.work.problem = null;
          if (this.#rulesHaveChanged(found)) void this.loadRules(body.policyId);
        },
        (thrown) => (this.work.problem = Problem.of(thrown)),
      );
    }, ASKED_AFTER_MS);
    return () => window.clearTimeout(timer);
  }

  /** Rules that were changed since the page was opened bring fields that it does not have yet. */
  #rulesHaveChanged(found: RequestReview): boolean {
    const asks = (field: string) => found.problems.some((each) => each.field === field);
    return (
      (asks('documents') && this.rules?.documentFromDays === null) ||
      (asks('answers') && this.rules?.questions.length === 0)
    );
  }

  partOf(on: string): AskedDay | undefined {
    return this.marked.find((one) => one.on === on);
  }

  changePart(on: string, part: AskedDay['part']) {
    this.marked = this.marked.map((each) =>
      each.on === on ? { on, part, hours: part === 'HOURS' ? (each.hours ?? '2') : null } : each,
    );
  }

  changeHours(on: string, hours: string) {
    this.marked = this.marked.map((each) => (each.on === on ? { ...each, hours } : each));
  }

  /** Keeps of the marked days what can be afforded: whole days, and of the first that is too much a part. */
  askForLess() {
    const { affordable, days, unit } = this.review!;
    const parts = Object.fromEntries(affordable!.days.map((each) => [each.on, each.amount]));
    this.marked = this.marked.flatMap((each): AskedDay[] => {
      const whole = days.find((one) => one.on === each.on)!;
      const part = parts[each.on];
      if (part === undefined) return isZero(whole.amount) ? [each] : [];
      if (sameNumber(part, whole.amount)) return [each];
      if (unit === 'HOURS') return [{ on: each.on, part: 'HOURS', hours: part }];
      return sameNumber(exactSum([part, part]), whole.amount)
        ? [{ on: each.on, part: 'HALF', hours: null }]
        : [];
    });
  }

  keepDocument(file: File): Promise<boolean> {
    return this.work.do(async () => {
      const params = { path: { personId: this.#personId } };
      const document = await answer(
        api.POST('/api/people/{personId}/documents', { params, ...fileBody(file) }),
      );
      this.documents = [...this.documents, document];
    });
  }

  dropDocument(document: DocumentView) {
    this.documents = this.documents.filter((each) => each !== document);
  }

  send(policyId: number): Promise<boolean> {
    return this.work.do(async () => {
      await answer(api.POST('/api/requests', { body: this.draft(policyId) }));
      this.marked = [];
      this.note = '';
      this.answers = this.answers.map(() => '');
      this.documents = [];
    });
  }
}
