import { answer, api } from '../api/client';

const ASK_EVERY = 400;

/** How far long work of the server has come, while this page waits for it. */
export class LongWork {
  step = $state<{ what: string; done: number; of: number } | null>(null);
  #timer: number | undefined;

  /** Does work that tells its progress under the token it is given. */
  async of<T>(work: (token: string) => Promise<T>): Promise<T> {
    const token = crypto.randomUUID();
    this.end();
    this.#timer = window.setInterval(() => {
      answer(api.GET('/api/progress/{token}', { params: { path: { token } } })).then(
        (step) => (this.step = step),
        () => (this.step = null),
      );
    }, ASK_EVERY);
    try {
      return await work(token);
    } finally {
      this.end();
    }
  }

  /** Asks no more, as when the page is left. */
  end() {
    window.clearInterval(this.#timer);
    this.step = null;
  }
}
