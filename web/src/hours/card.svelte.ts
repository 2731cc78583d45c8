import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { Card, CardDay } from '../api/types';
import { latest } from '../common/latest';
import { said } from '../common/said.svelte';
import { plusDays } from '../common/format';
import { meant } from './typing';

/** The time card of one person while somebody fills it. What is typed is kept until the server has taken it. */
export class TimeCard {
  card = $state<Card | null>(null);
  problem = $state<Problem | null>(null);
  /** What is wrong with a day that was typed, by its date. */
  wrong = $state<Record<string, string>>({});
  reason = $state('');
  saving = $state(0);

  #typed = $state<Record<string, string>>({});
  /** The lines of days before they were changed together, to be put back. */
  #done = $state<{ on: string; line: string }[][]>([]);
  /** What was sent as it was typed, so that Enter and leaving the field do not send it twice. */
  readonly #asked: Record<string, string> = {};
  #queue: Promise<unknown> = Promise.resolve();
  readonly #ask = latest<Card>();

  constructor(readonly personId: number) {}

  load(on: string): void {
    this.#ask(
      answer(
        api.GET('/api/people/{personId}/card', {
          params: { path: { personId: this.personId }, query: { on } },
        }),
      ),
      (card) => {
        this.card = card;
        this.problem = null;
      },
      (thrown) => (this.problem = Problem.of(thrown)),
    );
  }

  get canUndo(): boolean {
    return this.#done.length > 0;
  }

  isClosed(on: string): boolean {
    const closed = this.card?.closedThrough ?? null;
    return closed !== null && on <= closed;
  }

  mayChange(day: CardDay, today: string): boolean {
    const { maySetTimes, mayChangeClosed } = this.card!;
    return (
      maySetTimes && day.employed && day.on <= today && (mayChangeClosed || !this.isClosed(day.on))
    );
  }

  line(day: CardDay): string {
    return this.#typed[day.on] ?? day.line;
  }

  type(on: string, line: string): void {
    this.#typed[on] = line;
  }

  /** Takes what was typed on a day; tells whether the server did. Whatever was typed before is taken before it. */
  take(on: string): Promise<boolean> {
    const typed = this.#typed[on];
    if (typed === undefined) return Promise.resolve(true);
    if (this.#asked[on] === typed) return Promise.resolve(this.wrong[on] === undefined);
    this.#asked[on] = typed;
    return this.#next(() => {
      const line = meant(typed, this.#day(on)!, this.#day(plusDays(on, -1)));
      if (line !== this.#day(on)!.line) return this.#send([{ on, line }], true);
      this.#taken(on);
      return Promise.resolve(true);
    });
  }

  /** Sets days together, all of them or none. */
  set(lines: { on: string; line: string }[]): Promise<boolean> {
    return this.#next(() => this.#send(lines, true));
  }

  undo(): Promise<boolean> {
    const last = this.#done.pop();
    if (!last) return Promise.resolve(false);
    return this.#next(() => this.#send(last, false));
  }

  /** Does something when all that was asked before is answered. */
  #next(work: () => Promise<boolean>): Promise<boolean> {
    const next = this.#queue.then(work);
    this.#queue = next;
    return next;
  }

  #taken(on: string): void {
    delete this.#typed[on];
    delete this.#asked[on];
    delete this.wrong[on];
  }

  async #send(lines: { on: string; line: string }[], isNew: boolean): Promise<boolean> {
    const days = lines.map(({ on, line }) => ({ on, seen: this.#day(on)!.line, line }));
    this.saving++;
    this.problem = null;
    try {
      const card = await answer(
        api.PUT('/api/people/{personId}/card/days', {
          params: { path: { personId: this.personId } },
          body: { days, reason: this.reason.trim() || null },
        }),
      );
      for (const { on } of days) this.#taken(on);
      if (days.some(({ on }) => this.isClosed(on)))
        said.say('Stored. The period is closed: the next run corrects what it posted.');
      const here = this.card!.first === card.first;
      if (here) this.card = card;
      if (isNew && here) this.#done.push(days.map(({ on, seen }) => ({ on, line: seen })));
      return true;
    } catch (thrown) {
      this.#refused(Problem.of(thrown), lines);
      return false;
    } finally {
      this.saving--;
    }
  }

  #refused(problem: Problem, lines: { on: string; line: string }[]): void {
    const on = /^days\/(.*)$/.exec(problem.field ?? '')?.[1];
    for (const each of lines) this.#typed[each.on] ??= each.line;
    if (on) this.wrong[on] = problem.message;
    else {
      for (const each of lines) delete this.#asked[each.on];
      this.problem = problem;
    }
  }

  async accept(on: string, what: CardDay['remarks'][number]['kind'], note: string): Promise<void> {
    this.card = await answer(
      api.PUT('/api/people/{personId}/card/accepted', {
        params: { path: { personId: this.personId } },
        body: { on, what, note },
      }),
    );
  }

  async confirm(part: 'PERSON' | 'APPROVER', right: boolean): Promise<void> {
    this.card = await answer(
      api.PUT('/api/people/{personId}/card/confirmed', {
        params: { path: { personId: this.personId } },
        body: { on: this.card!.first, part, right },
      }),
    );
  }

  #day(on: string): CardDay | undefined {
    return this.card?.days.find((day) => day.on === on);
  }
}
