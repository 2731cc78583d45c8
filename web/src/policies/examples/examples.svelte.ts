import { answer, api, filesBody } from '../../api/client';
import type { BroughtExample, HeldExample, PolicyExample, Terms } from '../../api/types';
import { latest } from '../../common/latest';
import { Problem } from '../../api/problem';
import { said } from '../../common/said.svelte';
import { Work } from '../../common/work.svelte';

/** The examples of a policy, and how they fare under the text as it stands. */
export class PolicyExamples {
  all = $state.raw<PolicyExample[]>([]);
  held = $state.raw<HeldExample[]>([]);
  /** What files brought that cannot be kept as it is. */
  unread = $state.raw<BroughtExample[]>([]);
  known = $state(false);
  /** The one that was removed last and can be put back. */
  removed = $state.raw<PolicyExample | null>(null);
  readonly work = new Work();
  readonly policyId: number;

  readonly broken = $derived(this.held.filter((each) => !each.outcome.kept));

  readonly #ask = latest<HeldExample[]>();

  constructor(policyId: number) {
    this.policyId = policyId;
  }

  get #path() {
    return { path: { id: this.policyId } };
  }

  load(): Promise<boolean> {
    return this.work.do(async () => {
      this.all = await answer(api.GET('/api/policies/{id}/examples', { params: this.#path }));
      this.known = true;
    });
  }

  /** Holds all of them against a draft from a day on, or against what is in force. */
  hold(terms: Terms | null, from: string | null) {
    this.#ask(
      answer(
        api.POST('/api/policies/{id}/examples/held', {
          params: this.#path,
          body: { terms, from },
        }),
      ),
      (held) => (this.held = held),
      // what is wrong with the text stands beside the text
      (thrown) => (this.work.problem = Problem.of(thrown).field ? null : Problem.of(thrown)),
    );
  }

  outcomeOf(id: number) {
    return this.held.find((each) => each.id === id)?.outcome ?? null;
  }

  remove(example: PolicyExample): Promise<boolean> {
    return this.work.do(async () => {
      await answer(
        api.DELETE('/api/policies/{id}/examples/{exampleId}', {
          params: {
            path: { id: this.policyId, exampleId: example.id },
            query: { seenEdits: example.edits },
          },
        }),
      );
      this.all = this.all.filter((each) => each.id !== example.id);
      this.removed = example;
    });
  }

  putBack(): Promise<boolean> {
    return this.work.do(async () => {
      await this.#keep(this.removed!.written);
      this.removed = null;
    });
  }

  async #keep(written: string) {
    const body = { written };
    const kept = await answer(
      api.POST('/api/policies/{id}/examples', { params: this.#path, body }),
    );
    this.all = [...this.all, kept].sort((one, other) => one.name.localeCompare(other.name));
  }

  /** Keeps all that files bring; each that cannot be kept says why. */
  bring(files: File[]): Promise<boolean> {
    return this.work.do(async () => {
      const brought = await answer(api.POST('/api/policies/examples/file', filesBody(files)));
      this.unread = [];
      let kept = 0;
      for (const each of brought) {
        if (each.fault !== '') {
          this.unread = [...this.unread, each];
          continue;
        }
        try {
          await this.#keep(each.written);
          kept++;
        } catch (thrown) {
          this.unread = [...this.unread, { ...each, fault: Problem.of(thrown).message }];
        }
      }
      said.say(kept === 1 ? '1 example is kept.' : `${kept} examples are kept.`);
    });
  }
}
