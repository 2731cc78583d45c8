import { answer, api } from '../api/client';
import type { ExtraHours } from '../api/types';
import { isPositive } from '../common/decimal';
import { Work } from '../common/work.svelte';
import { type Chosen, exact, keyOf } from './lieu';

/** The extra hours of a run, and what of them is being put into time in lieu. */
export class Lieu {
  all = $state<ExtraHours[] | null>(null);
  chosen = $state<Record<string, Chosen>>({});
  readonly work = new Work();
  readonly #runId: number;

  constructor(runId: number) {
    this.#runId = runId;
  }

  get #path() {
    return { id: this.#runId };
  }

  load(): void {
    void this.work.do(async () => {
      this.all = await answer(
        api.GET('/api/pay-runs/{id}/extra-hours', { params: { path: this.#path } }),
      );
    });
  }

  /** Whether there is something left that a policy takes. */
  static canBeChosen(extra: ExtraHours): boolean {
    return extra.policies.length > 0 && isPositive(extra.left);
  }

  /** Takes all that is left of some hours, or none of it. */
  choose(extra: ExtraHours, wanted: boolean): void {
    if (wanted) {
      this.chosen[keyOf(extra)] = { policyId: extra.policies[0]!.policyId, hours: extra.left };
    } else {
      delete this.chosen[keyOf(extra)];
    }
  }

  async put(): Promise<boolean> {
    const takings = (this.all ?? [])
      .filter((extra) => keyOf(extra) in this.chosen)
      .map((extra) => {
        const { policyId, hours } = this.chosen[keyOf(extra)]!;
        return { personId: extra.personId, kind: extra.kind, policyId, hours: exact(hours) };
      });
    return this.work.do(async () => {
      this.all = await answer(
        api.POST('/api/pay-runs/{id}/extra-hours', {
          params: { path: this.#path },
          body: { takings },
        }),
      );
      this.chosen = {};
    });
  }

  async takeBack(creditId: number): Promise<boolean> {
    return this.work.do(async () => {
      this.all = await answer(
        api.DELETE('/api/pay-runs/{id}/extra-hours/{creditId}', {
          params: { path: { ...this.#path, creditId } },
        }),
      );
    });
  }
}
