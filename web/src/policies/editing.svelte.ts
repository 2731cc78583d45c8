import { answer, api } from '../api/client';
import type { Policy, PolicyVersion, Terms, TermsWords } from '../api/types';
import { kept } from '../common/kept';
import { said } from '../common/said.svelte';
import { Work } from '../common/work.svelte';
import { Figures } from './figures.svelte';

/** The unsaved text of a draft; somebody else's change of it meanwhile makes it another one. */
function unsaved({ id: versionId, edits }: { id: number; edits: number }) {
  return kept<{ terms: Terms; unseenFigures: string[] }>(`text of draft ${versionId} ${edits}`);
}

/** A policy, and the draft of it that is being written. */
export class Editing {
  policy = $state<Policy | null>(null);
  draft = $state<PolicyVersion | null>(null);
  /** The draft as it stands on the page, in words. */
  written = $state<TermsWords | null>(null);
  readonly figures = new Figures();
  readonly work = new Work();

  readonly inForce = $derived(
    this.policy?.versions.filter((each) => each.state === 'IN_FORCE') ?? [],
  );
  readonly asWritten = $derived({
    ...this.policy!,
    versions: (this.policy?.versions ?? []).map((each) =>
      each.id === this.draft?.id ? { ...each, words: this.written ?? each.words } : each,
    ),
  });
  readonly #stored = $derived(this.policy?.versions.find((each) => each.id === this.draft?.id));
  readonly changed = $derived(
    JSON.stringify(this.#stored?.terms) !== JSON.stringify(this.draft?.terms) ||
      (this.#stored?.unseenFigures.length ?? 0) !== this.figures.left.length,
  );

  load(id: number): Promise<boolean> {
    return this.work.do(async () =>
      this.show(await answer(api.GET('/api/policies/{id}', { params: { path: { id } } }))),
    );
  }

  show(loaded: Policy) {
    this.policy = loaded;
    this.draft = structuredClone(loaded.versions.find((each) => each.state === 'DRAFT') ?? null);
    if (!this.draft) return;
    const typed = unsaved(this.draft).recall();
    this.draft.terms = typed?.terms ?? this.draft.terms;
    this.figures.recall(typed?.unseenFigures ?? this.draft.unseenFigures);
  }

  /** Keeps in this window what is typed and not saved. */
  keep() {
    if (!this.draft) return;
    const text = unsaved({ id: this.draft.id, edits: this.draft.edits });
    const terms = $state.snapshot(this.draft.terms) as Terms;
    if (this.changed) text.keep({ terms, unseenFigures: this.figures.left });
    else text.forget();
  }

  #attempt(ask: () => Promise<Policy>, done: string): Promise<boolean> {
    return this.work.do(async () => {
      this.show(await ask());
      said.say(done);
    });
  }

  begin(version: PolicyVersion): Promise<boolean> {
    const params = { path: { id: this.policy!.id } };
    return this.#attempt(
      () => answer(api.POST('/api/policies/{id}/versions', { params, body: version.terms })),
      'A draft to change. The version in force stays as it is.',
    );
  }

  save(): Promise<boolean> {
    const { id: versionId, edits, terms } = $state.snapshot(this.draft!) as PolicyVersion;
    const params = { path: { id: this.policy!.id, versionId } };
    const body = { seenEdits: edits, terms, unseenFigures: this.figures.left };
    return this.#attempt(
      () => answer(api.PUT('/api/policies/{id}/versions/{versionId}', { params, body })),
      'The draft is saved.',
    );
  }

  discard(): Promise<boolean> {
    const { id: versionId, edits } = this.draft!;
    const params = { path: { id: this.policy!.id, versionId }, query: { seenEdits: edits } };
    return this.#attempt(
      () => answer(api.DELETE('/api/policies/{id}/versions/{versionId}', { params })),
      'The draft is thrown away. What is in force stays as it is.',
    );
  }
}
