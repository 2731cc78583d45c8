import { answer, api } from '../api/client';
import type { Column, WorksheetGroup, WorksheetRow } from '../api/types';
import { latest } from '../common/latest';
import { Work } from '../common/work.svelte';

export type Which = 'UNUSUAL' | 'CORRECTED' | 'MOVED';
export type Together = 'TEAM' | 'POLICY';

/** What of a worksheet is wanted. */
export interface Wanted {
  search: string;
  team: string;
  policy: string;
  which: Which | '';
  order: string;
}

const EVERYTHING: Wanted = { search: '', team: '', policy: '', which: '', order: '' };

/** Some rows of a table, and how many there are. */
export interface Rows<T> {
  columns: Column[];
  items: T[];
  total: number;
}

/** The rows of a run, page by page, or what they come to together. */
export class RunRows {
  static readonly SIZE = 50;

  wanted = $state<Wanted>({ ...EVERYTHING });
  page = $state(0);
  together = $state<Together | ''>('');
  rows = $state<Rows<WorksheetRow> | null>(null);
  groups = $state<Rows<WorksheetGroup> | null>(null);
  readonly work = new Work();
  readonly #pages = latest<Rows<WorksheetRow>>();
  readonly #sums = latest<Rows<WorksheetGroup>>();

  /** What is asked of the server: only what somebody chose. */
  get query(): Partial<Omit<Wanted, 'which'>> & { which?: Which } {
    return Object.fromEntries(Object.entries(this.wanted).filter(([, value]) => value !== ''));
  }

  change(part: Partial<Wanted>): void {
    this.wanted = { ...this.wanted, ...part };
    this.page = 0;
  }

  /** Looks at the rows of one group. */
  open(group: WorksheetGroup): void {
    this.change(this.together === 'TEAM' ? { team: group.name } : { policy: group.name });
    this.together = '';
  }

  load(id: number): void {
    const path = { id };
    const fail = (thrown: unknown) => void this.work.do(() => Promise.reject(thrown));
    if (this.together !== '') {
      const query = { ...this.query, by: this.together };
      this.#sums(
        answer(api.GET('/api/pay-runs/{id}/groups', { params: { path, query } })),
        (groups) => (this.groups = groups),
        fail,
      );
      return;
    }
    const query = { ...this.query, page: this.page, size: RunRows.SIZE };
    this.#pages(
      answer(api.GET('/api/pay-runs/{id}/rows', { params: { path, query } })),
      (rows) => (this.rows = rows),
      fail,
    );
  }
}
