import { getContext, setContext } from 'svelte';
import { SvelteSet } from 'svelte/reactivity';

const KEY = Symbol('figures of a text');

/** The figures of a policy's text, and which of them came with a starting point and were not looked at yet. */
export class Figures {
  readonly #shown = new SvelteSet<string>();
  readonly #unseen = new SvelteSet<string>();

  /** Those to be looked at that the text still has. */
  readonly left = $derived([...this.#unseen].filter((name) => this.#shown.has(name)));

  /** A figure stands in the text; what is returned takes it out again. */
  show(name: string): () => void {
    this.#shown.add(name);
    return () => this.#shown.delete(name);
  }

  /** All figures that stand in the text now are to be looked at. */
  beginUnseen(): void {
    this.recall([...this.#shown]);
  }

  /** Takes up where it was left. */
  recall(unseen: string[]): void {
    this.#unseen.clear();
    for (const name of unseen) this.#unseen.add(name);
  }

  see(name: string): void {
    this.#unseen.delete(name);
  }

  isUnseen(name: string): boolean {
    return this.#unseen.has(name);
  }
}

/** Lets the figures within a component belong to a text. */
export function provideFigures(figures: Figures): void {
  setContext(KEY, figures);
}

/** The figures of the text around, where there is one that minds them. */
export function figuresAround(): Figures | undefined {
  return getContext<Figures | undefined>(KEY);
}
