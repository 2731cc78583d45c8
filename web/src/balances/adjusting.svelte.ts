import { answer, api, fileBody } from '../api/client';
import type {
  AdjustmentEffect,
  AdjustmentRow,
  AwardToMany,
  EmploymentType,
  Together,
} from '../api/types';
import { amountTyped } from '../common/conditions';
import { counted } from '../common/format';
import { kept } from '../common/kept';
import { LongWork } from '../common/progress.svelte';
import { type FileRead, FileReading } from '../common/reading.svelte';
import { said } from '../common/said.svelte';
import { Work } from '../common/work.svelte';
import { session } from '../frame/session.svelte';
import { prepared } from './prepared.svelte';

/** The same adjustment of many, as it is typed. */
export interface AwardTyped {
  policyId: number | null;
  on: string;
  amount: string;
  byFte: boolean;
  teamId: string;
  siteId: string;
  employmentType: EmploymentType | '';
  reason: string;
}

type Unread = { line: number; text: string; fault: string };

/** Adjusting many balances at once: what they would become is looked at before, and all of it can be undone. */
export class Adjusting {
  readonly #kept = kept<AwardTyped>('adjusting many');

  award = $state<AwardTyped>(
    this.#kept.recall() ?? {
      policyId: null,
      on: session.current.today,
      amount: '',
      byFte: false,
      teamId: '',
      siteId: '',
      employmentType: '',
      reason: '',
    },
  );
  effects = $state.raw<AdjustmentEffect[] | null>(null);
  unread = $state.raw<Unread[]>([]);
  found = $state<FileRead | null>(null);
  what = $state('');
  together = $state<Together[] | null>(null);
  readonly work = new Work();
  readonly undoing = new Work();
  readonly progress = new LongWork();
  readonly how = new FileReading('adjustments');
  #file: File | null = null;

  readonly wrong = $derived((this.effects ?? []).filter((each) => each.wrong).length);
  readonly amount = $derived(amountTyped('', this.award.amount.replace(/^\+/, '')));

  constructor() {
    const ready = prepared.take();
    if (ready) {
      this.what = ready.what;
      void this.#look(ready.rows);
    }
    void this.undoing.do(async () => {
      this.together = await answer(api.GET('/api/adjustments'));
    });
  }

  keep(): void {
    this.#kept.keep($state.snapshot(this.award));
  }

  /** What the award would make of the balances. */
  lookAtAward(): Promise<boolean> {
    const { award } = this;
    return this.work.do(async () => {
      const body: AwardToMany = {
        policyId: award.policyId!,
        on: award.on,
        amount: this.amount!,
        byFte: award.byFte,
        teamId: award.teamId === '' ? null : Number(award.teamId),
        siteId: award.siteId === '' ? null : Number(award.siteId),
        employmentType: award.employmentType === '' ? null : award.employmentType,
        people: null,
        reason: award.reason,
      };
      this.#forgetList();
      this.effects = await this.progress.of((token) =>
        answer(
          api.POST('/api/adjustments/award', { params: { query: { progress: token } }, body }),
        ),
      );
      this.what = award.reason;
    });
  }

  #forgetList(): void {
    this.unread = [];
    this.found = null;
    this.#file = null;
  }

  #look(rows: AdjustmentRow[]): Promise<boolean> {
    return this.work.do(async () => {
      this.effects = await this.progress.of((token) =>
        answer(
          api.POST('/api/adjustments/check', {
            params: { query: { progress: token } },
            body: { rows },
          }),
        ),
      );
    });
  }

  /** Reads a file or pasted cells and looks at what its rows would do. */
  read(file: File): Promise<boolean> {
    this.#file = file;
    return this.work.do(() => this.#read(file));
  }

  async readAgain(): Promise<void> {
    if (this.#file) await this.read(this.#file);
  }

  async #read(file: File): Promise<void> {
    const { policyId, on, reason } = this.award;
    const read = await answer(
      api.POST('/api/adjustments/file', {
        params: { query: { on, reason, ...(policyId === null ? {} : { policyId }) } },
        ...fileBody(file, { name: 'reading', value: this.how.asked }),
      }),
    );
    this.found = read;
    if (this.how.isForgottenBy(read)) return this.#read(file);
    this.unread = read.rows.filter((each) => each.row === null);
    const rows = read.rows.flatMap((each) => (each.row === null ? [] : [each.row]));
    this.what ||= file.name === 'pasted.csv' ? 'Corrections from a list' : `From ${file.name}`;
    if (rows.length === 0) this.effects = null;
    else await this.#look(rows);
  }

  /** Leaves one out of those that are looked at. */
  without(effect: AdjustmentEffect): void {
    this.effects = this.effects?.filter((each) => each !== effect) ?? null;
  }

  forget(): void {
    this.effects = null;
    this.what = '';
    this.#forgetList();
  }

  make(): Promise<boolean> {
    return this.work.do(async () => {
      const rows = (this.effects ?? []).map(({ row }) => row);
      const made = await this.progress.of((token) =>
        answer(
          api.POST('/api/adjustments', {
            params: { query: { progress: token } },
            body: { rows, what: this.what },
          }),
        ),
      );
      said.say(`${counted(made.balances, 'balance')} adjusted.`);
      this.together = [made, ...(this.together ?? [])];
      this.award = { ...this.award, amount: '', reason: '' };
      this.#kept.forget();
      this.forget();
    });
  }

  undo(id: number, because: string): Promise<boolean> {
    return this.undoing.do(async () => {
      const params = { path: { id } };
      this.together = await answer(
        api.DELETE('/api/adjustments/{id}', { params, body: { because } }),
      );
      said.say('Taken back. Where it was closed, the next run posts the differences.');
    });
  }
}
