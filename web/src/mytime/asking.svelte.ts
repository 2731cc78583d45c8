import { soon } from '../common/soon';
import { untrack } from 'svelte';
import { answer, api, fileBody } from '../api/client';
import { Problem } from '../api/problem';
import type {
  AskedDay,
  ClockSpan,
  DocumentView,
  Holidays,
  RequestDetail,
  Person,
  RequestReview,
  RequestRules,
} from '../api/types';
import { exactSum, isPositive, isZero, sameNumber } from '../common/decimal';
import { daysBetween, plusDays } from '../common/format';
import { Work } from '../common/work.svelte';
import { session } from '../frame/session.svelte';
import { askedAgain, wholeDay } from '../requests/days.svelte';
import { Rest } from './rest.svelte';

const ASKED_AFTER_MS = 150;
const SOME_HOURS: ClockSpan = { from: '09:00', to: '12:00' };

/** A request while it is made: days marked, what the policy asks for, and what it would cost. */
export class Asking {
  marked = $state<AskedDay[]>([]);
  note = $state('');
  answers = $state<string[]>([]);
  documents = $state<DocumentView[]>([]);
  rules = $state<RequestRules | null>(null);
  review = $state<RequestReview | null>(null);
  /** The waiting request that is changed, null for a new one. */
  changed = $state<{ id: number; edits: number } | null>(null);
  /** Of which kind the review is. */
  reviewed = $state<number | null>(null);
  readonly rest: Rest;
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

  /** Whether all that stands against it can be passed by saying why, and nothing is said yet. */
  readonly needsNote = $derived(
    this.note.trim() === '' &&
      (this.review?.problems.length ?? 0) > 0 &&
      this.review!.problems.every((each) => each.withNote),
  );
  readonly sendable = $derived(
    this.review !== null && !this.needsNote && this.review.problems.every((each) => each.withNote),
  );

  constructor(personId: number) {
    this.#personId = personId;
    this.rest = new Rest(personId);
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
      replaces: this.changed?.id ?? null,
    };
  }

  /** Begins with an earlier request: changed into what is made of it, or as a new one some weeks later. */
  take(detail: RequestDetail, asCopy: boolean) {
    const { request, review } = detail;
    const weeks = asCopy ? weeksUntilAhead(request.first, session.current.today) : 0;
    this.changed = asCopy ? null : { id: request.id, edits: request.edits };
    this.marked = review.days.map((day) => ({
      ...askedAgain(day),
      on: plusDays(day.on, 7 * weeks),
    }));
    this.note = request.note;
    this.answers = detail.answers.map((each) => each.answer);
  }

  /** Marks more days, each once and in order of time. */
  mark(days: string[]) {
    const more = days.filter((on) => !this.marked.some((each) => each.on === on)).map(wholeDay);
    this.marked = [...this.marked, ...more].sort((one, other) => one.on.localeCompare(other.on));
  }

  clear() {
    this.marked = [];
    this.note = '';
    this.answers = this.answers.map(() => '');
    this.documents = [];
    this.changed = null;
    this.rest.clear();
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
    return soon(() => {
      answer(api.POST('/api/requests/preview', { body })).then(
        (found) => {
          this.review = found;
          this.reviewed = body.policyId;
          this.work.problem = null;
          if (this.#rulesHaveChanged(found)) void this.loadRules(body.policyId);
        },
        (thrown) => (this.work.problem = Problem.of(thrown)),
      );
    }, ASKED_AFTER_MS);
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
    this.#changeDay(on, {
      part,
      hours: part === 'HOURS' ? (this.partOf(on)?.hours ?? '2') : null,
      between: part === 'TIMES' ? this.#wholeDay(on) : null,
    });
  }

  changeHours(on: string, hours: string) {
    this.#changeDay(on, { hours });
  }

  changeTimes(on: string, between: ClockSpan) {
    this.#changeDay(on, { between });
  }

  /** From when to when is worked on a day, to begin with. */
  #wholeDay(on: string): ClockSpan {
    const scheduled = this.review?.days.find((each) => each.on === on)?.scheduled;
    return scheduled ? { from: scheduled.begins, to: scheduled.ends } : SOME_HOURS;
  }

  #changeDay(on: string, changes: Partial<AskedDay>) {
    this.marked = this.marked.map((each) => (each.on === on ? { ...each, ...changes } : each));
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
      if (unit === 'HOURS') return [{ on: each.on, part: 'HOURS', hours: part, between: null }];
      return sameNumber(exactSum([part, part]), whole.amount)
        ? [{ on: each.on, part: 'MORNING', hours: null, between: null }]
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
      const draft = this.draft(policyId);
      if (this.changed) {
        const params = { path: { id: this.changed.id } };
        const body = { seenEdits: this.changed.edits, draft };
        await answer(api.PUT('/api/requests/{id}', { params, body }));
      } else if (this.rest.policyId !== null) {
        const drafts = [draft, this.rest.draft(this.note)].filter((each) => each.days.length > 0);
        await answer(api.POST('/api/requests/together', { body: { drafts } }));
      } else {
        await answer(api.POST('/api/requests', { body: draft }));
      }
      this.clear();
    });
  }
}

/** So many weeks later a day lies ahead, at least one. */
function weeksUntilAhead(first: string, today: string): number {
  return first > today ? 1 : Math.ceil((daysBetween(first, today) + 1) / 7);
}
