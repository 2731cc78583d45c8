import { answer, api } from '../api/client';
import type { HandOverLayout, LayoutView, PayRun } from '../api/types';
import { Work } from '../common/work.svelte';
import { oursAmong } from './columns';

/** The layout of a pay group while it is being changed. */
export class LayoutEditing {
  view = $state<LayoutView | null>(null);
  layout = $state<HandOverLayout | null>(null);
  /** The first lines of the newest closed run in it. */
  lines = $state<string[]>([]);
  /** Our codes that stand in that run. */
  codes = $state<string[]>([]);
  readonly work = new Work();
  readonly #run: PayRun;

  constructor(run: PayRun) {
    this.#run = run;
  }

  load(): void {
    void this.work.do(async () => {
      const path = { payGroupId: this.#run.payGroupId };
      this.#take(
        await answer(api.GET('/api/hand-over-layouts/{payGroupId}', { params: { path } })),
      );
      this.codes = await this.#ours();
      await this.try();
    });
  }

  /** The codes under which the run has lines, as we name them. */
  async #ours(): Promise<string[]> {
    const theirs = await answer(
      api.GET('/api/pay-runs/{id}/hand-over.json', { params: { path: { id: this.#run.id } } }),
    );
    return oursAmong(
      theirs.lines.map((line) => line.code),
      this.layout!.codes,
    );
  }

  #take(view: LayoutView): void {
    this.view = view;
    this.layout = structuredClone(view.layout);
  }

  /** Shows the file as it would be. */
  async try(): Promise<void> {
    this.lines = await answer(
      api.POST('/api/hand-over-layouts/tries', {
        body: { runId: this.#run.id, layout: this.layout! },
      }),
    );
  }

  setCode(ours: string, theirs: string): void {
    const others = Object.entries(this.layout!.codes).filter(([code]) => code !== ours);
    const own: [string, string][] = theirs.trim() === '' ? [] : [[ours, theirs.trim()]];
    this.layout!.codes = Object.fromEntries([...others, ...own]);
  }

  async save(): Promise<boolean> {
    return this.work.do(async () => {
      const path = { payGroupId: this.#run.payGroupId };
      this.#take(
        await answer(
          api.PUT('/api/hand-over-layouts/{payGroupId}', {
            params: { path },
            body: { layout: this.layout!, seenEdits: this.view!.edits },
          }),
        ),
      );
      await this.try();
    });
  }
}
