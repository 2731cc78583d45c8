import { answer, api, fileBody } from '../api/client';
import { Problem } from '../api/problem';
import type { OpeningCheck, OpeningLine, OpeningPage, Policy } from '../api/types';
import { isDecimal } from '../common/decimal';
import { counted } from '../common/format';
import { kept } from '../common/kept';
import { type FileRead, FileReading } from '../common/reading.svelte';
import { said } from '../common/said.svelte';
import { Work } from '../common/work.svelte';
import { session } from '../frame/session.svelte';
import { figure } from '../people/employment';
import { linesOf, linesOfRows, pageOf } from './openinglines';
import {
  asRow,
  FIGURES,
  type FileRow,
  type Figures,
  figuresOf,
  isTyped,
  isMeant,
  keyOf,
  peopleOf,
  stranger,
  type Typed,
  wrongFirst,
} from './opening';

const NOT_SET = kept<Record<string, { on: string; figures: Figures }>>('opening balances');

/** Opening balances: typed or read from a file, checked, and set. What is not set yet is kept in this window. */
export class Openings {
  policies = $state<Policy[] | null>(null);
  policyId = $state<number | null>(null);
  on = $state(session.current.today);
  typed = $state<Typed[] | null>(null);
  unread = $state<{ line: number; text: string; fault: string }[]>([]);
  check = $state<OpeningCheck | null>(null);
  reason = $state('');
  /** Who is looked for. */
  search = $state('');
  found = $state<FileRead | null>(null);
  readonly work = new Work();
  readonly how = new FileReading('opening balances');

  #wanted = $state(0);
  #page = 0;
  #checked = $state<Typed[]>([]);
  /** What the check said of each. */
  #states = new WeakMap<Typed, OpeningCheck['rows'][number]>();
  #file: File | null = null;

  readonly policy = $derived(this.policies?.find((each) => each.id === this.policyId));
  readonly typedHere = $derived((this.typed ?? []).filter(isTyped).length);
  /** Rows in which a balance is typed, on the common day unless they have one of their own. */
  readonly filled = $derived(
    (this.typed ?? []).filter((each) => each.figures.balance.trim() !== ''),
  );
  readonly wrong = $derived(this.#count('WRONG'));
  /** What is typed, as it is to be seen. */
  readonly inOrder = $derived(
    this.check === null || this.wrong === 0
      ? (this.typed ?? [])
      : wrongFirst(this.typed ?? [], (each) => this.stateOf(each)?.state === 'WRONG'),
  );
  /** Those of them who are looked for. */
  readonly meant = $derived(this.inOrder.filter(({ line }) => isMeant(line, this.search)));
  /** How many of those who are looked for were not fetched yet. */
  readonly left = $derived(Math.max(0, this.#wanted - this.meant.length));
  readonly changes = $derived(this.#count('CHANGED'));
  readonly toSet = $derived(this.#count('NEW') + this.changes);
  readonly severalPolicies = $derived(
    this.typed?.some((each) => each.policyId !== this.typed![0]!.policyId) ?? false,
  );
  readonly byHours = $derived(
    this.policy?.versions.some((each) => 'wholeStepsOnly' in each.terms.earning) ?? false,
  );

  /** @param policyId of the policy to begin with; null for the first */
  constructor(policyId: number | null) {
    this.policyId = policyId;
  }

  #count(state: OpeningCheck['rows'][number]['state']): number {
    return this.check?.rows.filter((each) => each.state === state).length ?? 0;
  }

  begin(): Promise<boolean> {
    return this.work.do(async () => {
      const all = await answer(api.GET('/api/policies'));
      this.policies = all.filter((each) => each.people > 0);
      this.policyId ??= this.policies[0]?.id ?? null;
    });
  }

  /** Those of a policy as they are, with what was typed and not set yet. */
  load(policyId: number): Promise<boolean> {
    return this.work.do(() => this.#load(policyId));
  }

  async #load(policyId: number) {
    const unset = peopleOf(policyId, Object.keys(NOT_SET.recall() ?? {}));
    const lines = await linesOf(policyId, unset);
    const first = await this.#fetch(policyId, 0);
    this.typed = [];
    this.#add(policyId, [...lines, ...first.items]);
    this.check = null;
    this.unread = [];
    this.found = null;
  }

  async #fetch(policyId: number, page: number): Promise<OpeningPage> {
    const answered = await pageOf(policyId, this.search, page);
    this.#wanted = answered.total;
    this.#page = page;
    return answered;
  }

  /** Adds those who are not here yet, with what was typed for them and not set. */
  #add(policyId: number, lines: OpeningLine[]) {
    const kept = NOT_SET.recall() ?? {};
    const added = lines
      .map((line) => ({ line, policyId, on: line.on ?? this.on, figures: figuresOf(line) }))
      .map((each) => ({ ...each, ...kept[keyOf(each)] }));
    const all = [...added, ...(this.typed ?? [])].map((each) => [keyOf(each), each] as const);
    this.typed = Object.values(Object.fromEntries(all)).sort((one, other) =>
      one.line.person.localeCompare(other.line.person),
    );
  }

  /** Fetches the first of those who are looked for. A file is here as a whole. */
  seek(): Promise<boolean> {
    return this.work.do(() => this.#fetchMore(0));
  }

  /** Fetches the next of them. */
  more(): Promise<boolean> {
    return this.work.do(() => this.#fetchMore(this.#page + 1));
  }

  async #fetchMore(page: number) {
    if (this.policyId !== null && this.found === null) {
      const { items } = await this.#fetch(this.policyId, page);
      this.#add(this.policyId, items);
    }
  }

  /** Keeps what is typed here beside what was typed for other policies; it has to be checked again. */
  keep() {
    this.check = null;
    const all = NOT_SET.recall() ?? {};
    for (const each of this.typed ?? []) {
      if (isTyped(each)) {
        all[keyOf(each)] = { on: each.on, figures: $state.snapshot(each.figures) };
      } else delete all[keyOf(each)];
    }
    if (Object.keys(all).length > 0) NOT_SET.keep(all);
    else NOT_SET.forget();
  }

  /** Forgets what is typed here and not set. */
  async clear() {
    this.typed?.forEach((each) => (each.figures = figuresOf(each.line)));
    this.keep();
    if (this.policyId !== null) await this.load(this.policyId);
  }

  changeDay(day: string) {
    this.typed?.filter((each) => each.line.on === null).forEach((each) => (each.on = day));
    this.on = day;
    this.keep();
  }

  stateOf(each: Typed): OpeningCheck['rows'][number] | undefined {
    return this.check === null ? undefined : this.#states.get(each);
  }

  nameOf(policyId: number): string {
    return this.policies?.find((one) => one.id === policyId)?.name ?? '';
  }

  look(): Promise<boolean> {
    return this.work.do(() => this.#look());
  }

  async #look() {
    const wrong = this.filled.find((each) =>
      FIGURES.some((name) => !isDecimal(figure(each.figures[name]))),
    );
    if (wrong) {
      throw new Problem(`Please give the figures of ${wrong.line.person} as numbers.`);
    }
    const body = { rows: this.filled.map(asRow), reason: null };
    this.check = await answer(api.POST('/api/openings/check', { body }));
    this.#checked = [...this.filled];
    const { rows } = this.check;
    this.#states = new WeakMap(this.#checked.map((each, at) => [each, rows[at]!]));
  }

  set(): Promise<boolean> {
    return this.work.do(async () => {
      const body = { rows: this.#checked.map(asRow), reason: this.reason || null };
      const done = await answer(api.POST('/api/openings', { body }));
      const set = done.rows.filter((each) => each.state !== 'SAME').length;
      said.say(`${counted(set, 'opening balance')} set.`);
      this.reason = '';
      for (const each of this.#checked) {
        each.line = { ...each.line, ...$state.snapshot(each.figures) };
      }
      this.keep();
      if (this.policyId !== null) await this.#load(this.policyId);
    });
  }

  /** Fills the grid from a file; a file of several policies is shown as one list. */
  read(file: File): Promise<boolean> {
    this.#file = file;
    return this.work.do(() => this.#read(file));
  }

  async readAgain() {
    if (this.#file !== null) await this.read(this.#file);
  }

  async #read(file: File): Promise<void> {
    const query = {
      on: this.on,
      ...(this.policyId === null ? {} : { policyId: this.policyId }),
    };
    this.found = await answer(
      api.POST('/api/openings/file', {
        params: { query },
        ...fileBody(file, { name: 'reading', value: this.how.asked }),
      }),
    );
    if (this.how.isForgottenBy(this.found)) return this.#read(file);
    const { rows } = this.found as FileRead & { rows: FileRow[] };
    this.unread = rows
      .filter((each) => each.row === null)
      .map(({ line, text, fault }) => ({ line, text, fault }));
    const good = rows.flatMap((each) => (each.row === null ? [] : [each.row]));
    const lines = await linesOfRows(good);
    this.#wanted = 0;
    this.typed = good.map((row) => ({
      line: lines[`${row.policyId}/${row.personId}`] ?? stranger(row),
      policyId: row.policyId,
      on: row.on,
      figures: {
        balance: row.balance,
        earnedThisYear: row.earnedThisYear,
        usedThisYear: row.usedThisYear,
        hoursTowardNextStep: row.hoursTowardNextStep,
      },
    }));
    this.keep();
    if (this.typed.length > 0) await this.#look();
  }
}
