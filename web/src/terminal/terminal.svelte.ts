import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { OwnGlance, PunchForm, TerminalScreen } from '../api/types';
import { newMark, written } from './marks';

const TOKEN = 'terminal token';
const WAITING = 'terminal punches';
const CLOCK = 'terminal clock';
const NOT_PAIRED = 403;
const MOST_AT_ONCE = 200;

/**
 * The screen of a clock terminal. What is said at it is kept in this browser until the server has it, in the order in which
 * it was said; the server takes each once, however often it is sent.
 */
export class TerminalState {
  screen = $state<TerminalScreen | null>(null);
  waiting = $state<PunchForm[]>([]);
  unreachable = $state(false);
  /** Why the terminal is not paired any more, empty while it is. */
  unpaired = $state('');

  #token = $state<string | null>(localStorage.getItem(TOKEN));
  /** How far the server's clock is ahead of this machine's, in milliseconds, as it was when they last spoke. */
  #ahead = $state(Number(localStorage.getItem(CLOCK) ?? '0'));
  #delivering = false;

  constructor() {
    this.waiting = JSON.parse(localStorage.getItem(WAITING) ?? '[]') as PunchForm[];
  }

  get isPaired(): boolean {
    return this.#token !== null;
  }

  /** Now, in milliseconds, by the server's clock as far as it is known. */
  now(): number {
    return Date.now() + this.#ahead;
  }

  async pair(code: string): Promise<void> {
    const screen = await answer(api.POST('/api/terminal/pairing', { body: { code } }));
    this.#token = screen.token;
    localStorage.setItem(TOKEN, screen.token!);
    this.unpaired = '';
    this.#known(screen);
    await this.deliver();
  }

  /** Asks the server who this is and what time it is, and delivers what waits. */
  async refresh(): Promise<void> {
    if (this.#token === null) return;
    await this.#reach(async () =>
      this.#known(await answer(api.GET('/api/terminal', { params: this.#header }))),
    );
    await this.deliver();
  }

  /** Keeps what somebody says, and delivers it when that can be; tells what to show. */
  async say(kind: PunchForm['kind'], code: string): Promise<string> {
    const said = { mark: newMark(), code, kind, at: written(this.now()) };
    this.#keep([...this.waiting, said]);
    const heard = await this.deliver();
    const own = heard.find((each) => each.mark === said.mark);
    if (own) return own.person ? `${own.person}: ${own.message}` : own.message;
    return 'Kept here. It is delivered as soon as the server can be reached.';
  }

  /** Delivers what waits; tells what the server made of it. */
  async deliver(): Promise<{ mark: string; person: string | null; message: string }[]> {
    if (this.#token === null || this.waiting.length === 0 || this.#delivering) return [];
    this.#delivering = true;
    let heard: { mark: string; person: string | null; message: string }[] = [];
    await this.#reach(async () => {
      heard = await answer(
        api.POST('/api/terminal/punches', {
          params: this.#header,
          body: {
            sentAt: written(this.now()),
            punches: this.waiting.slice(0, MOST_AT_ONCE),
          },
        }),
      );
      const marks = heard.map((each) => each.mark);
      this.#keep(this.waiting.filter((each) => !marks.includes(each.mark)));
    });
    this.#delivering = false;
    return heard;
  }

  glance(code: string): Promise<OwnGlance> {
    return answer(api.POST('/api/terminal/glance', { params: this.#header, body: { code } }));
  }

  async #reach(work: () => Promise<void>): Promise<void> {
    try {
      await work();
      this.unreachable = false;
      this.unpaired = '';
    } catch (thrown) {
      const problem = Problem.of(thrown);
      if (problem.status === NOT_PAIRED) this.unpaired = problem.message;
      else this.unreachable = true;
    }
  }

  #known(screen: TerminalScreen): void {
    this.screen = screen;
    this.#ahead = Date.parse(screen.now) - Date.now();
    localStorage.setItem(CLOCK, String(this.#ahead));
  }

  #keep(punches: PunchForm[]): void {
    this.waiting = punches;
    localStorage.setItem(WAITING, JSON.stringify(punches));
  }

  get #header() {
    return { header: { 'X-Terminal': this.#token ?? '' } };
  }
}
