import { soon } from '../common/soon';
import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { DayEffect, OwnFigures, OwnPolicies, Time } from '../api/types';
import { latest } from '../common/latest';
import { Work } from '../common/work.svelte';
import { session } from '../frame/session.svelte';
import { LIMITS } from '../policies/limits';
import { figure } from './employment';

type WaitName = 'waitToEarn' | 'waitToUse';

/** The figures that can be others for one person, with what they are called. */
export const FIGURES: [string, string][] = [
  ['amount', 'Earns'],
  ...LIMITS.map(({ limit, exception }): [string, string] => [limit, exception]),
  ['carry', 'Carries over at most'],
];

export const WAITS: [WaitName, string][] = [
  ['waitToEarn', 'Wait before earning'],
  ['waitToUse', 'Wait before use'],
];

const ASKED_AFTER_MS = 300;

/** An exception for somebody while it is written, or some time extra; with what it would do. */
export class ExceptionForm {
  once = $state(false);
  extra = $state('');
  policyId = $state<number | null>(null);
  from = $state(session.current.today);
  to = $state('');
  reason = $state('');
  /** What is typed, by the name of the figure. */
  typed = $state<Record<string, string>>({});
  waits = $state<Record<WaitName, { count: string; in: keyof Time }>>({
    waitToEarn: { count: '', in: 'days' },
    waitToUse: { count: '', in: 'days' },
  });
  effects = $state<DayEffect[] | null>(null);
  readonly work = new Work();

  readonly #personId: number;
  readonly #ask = latest<DayEffect[]>();

  readonly figures = $derived<OwnFigures>({
    amount: this.#other('amount'),
    limits: Object.fromEntries(
      LIMITS.map(({ limit }) => [limit, this.#other(limit)]).filter(([, each]) => each !== null),
    ),
    carry: this.#other('carry'),
    waitToEarn: this.#wait('waitToEarn'),
    waitToUse: this.#wait('waitToUse'),
  });
  readonly #says = $derived(
    Object.keys(this.figures.limits ?? {}).length > 0 ||
      [
        this.figures.amount,
        this.figures.carry,
        this.figures.waitToEarn,
        this.figures.waitToUse,
      ].some((each) => each !== null),
  );
  readonly changesNothing = $derived(
    this.effects?.every((each) => each.before === each.after) ?? false,
  );
  readonly isComplete = $derived(
    this.from !== '' && this.reason.trim() !== '' && !(this.once && this.extra.trim() === ''),
  );

  constructor(personId: number) {
    this.#personId = personId;
  }

  #other(name: string): string | null {
    return this.typed[name]?.trim() ? figure(this.typed[name]) : null;
  }

  #wait(name: WaitName): Time | null {
    const { count, in: unit } = this.waits[name];
    return count.trim() === '' ? null : { days: null, months: null, [unit]: Number(count) };
  }

  #body(policyId: number) {
    return { policyId, from: this.from, to: this.to || null, figures: this.figures };
  }

  /** Asks what it would do, a moment after the last change; the answer tells how not to. */
  tellSoon(): (() => void) | undefined {
    this.effects = null;
    if (this.once || this.policyId === null || !this.from || !this.#says) return undefined;
    const body = this.#body(this.policyId);
    const params = { path: { personId: this.#personId } };
    return soon(() => {
      this.#ask(
        answer(api.POST('/api/people/{personId}/exceptions/effect', { params, body })),
        (told) => {
          this.work.problem = null;
          this.effects = told;
        },
        (thrown) => (this.work.problem = Problem.of(thrown)),
      );
    }, ASKED_AFTER_MS);
  }

  /** Makes it, and gives what holds for the person then, with what was done in words. */
  async make(done: (own: OwnPolicies, words: string) => void): Promise<boolean> {
    return this.work.do(async () => {
      if (this.policyId === null) throw new Problem('Please choose a policy.');
      const words = await (this.once ? this.#give(this.policyId) : this.#except(this.policyId));
      const params = { path: { personId: this.#personId } };
      done(await answer(api.GET('/api/people/{personId}/policies', { params })), words);
    });
  }

  async #give(policyId: number): Promise<string> {
    const params = { path: { personId: this.#personId, policyId } };
    const body = { on: this.from, amount: figure(this.extra), reason: this.reason };
    await answer(
      api.POST('/api/people/{personId}/balances/{policyId}/adjustments', { params, body }),
    );
    return 'It is added to the balance, once.';
  }

  async #except(policyId: number): Promise<string> {
    const params = { path: { personId: this.#personId } };
    const body = { ...this.#body(policyId), reason: this.reason };
    await answer(api.POST('/api/people/{personId}/exceptions', { params, body }));
    return 'The exception holds. Balances follow it.';
  }
}
