import { answer, api, fileBody } from '../api/client';
import type { AdjustmentRow, HeldAgainst, HeldRow } from '../api/types';
import { isZero } from '../common/decimal';
import { longDay } from '../common/format';
import { LongWork } from '../common/progress.svelte';
import { type FileRead, FileReading } from '../common/reading.svelte';
import { save } from '../common/save';
import { Work } from '../common/work.svelte';
import { session } from '../frame/session.svelte';

/** Whether a balance is another there, or not there at all. */
export function differs({ difference }: HeldRow): boolean {
  return difference === null || !isZero(difference);
}

/** The adjustments that would make balances what the other record says; those it does not have are left alone. */
export function settling(rows: HeldRow[], asOf: string): AdjustmentRow[] {
  return rows
    .filter((row) => row.enrolled && row.difference !== null && !isZero(row.difference))
    .map((row) => ({
      personId: row.personId,
      policyId: row.policyId,
      on: asOf,
      amount: row.difference!,
      reason: `as another record has it on ${longDay(asOf)}. ${row.causes[0]?.says ?? ''}`.trim(),
    }));
}

/** Balances held against another record of them. */
export class Against {
  asOf = $state(session.current.today);
  policyId = $state<number | null>(null);
  found = $state<(FileRead & Omit<HeldAgainst, 'rows'>) | null>(null);
  rows = $state.raw<HeldRow[]>([]);
  onlyDifferent = $state(true);
  chosen = $state<string[]>([]);
  readonly work = new Work();
  readonly progress = new LongWork();
  readonly how = new FileReading('another record');
  file = $state.raw<File | null>(null);

  readonly different = $derived(this.rows.filter(differs));
  readonly shown = $derived(this.onlyDifferent ? this.different : this.rows);

  read(file: File): Promise<boolean> {
    this.file = file;
    return this.work.do(() => this.#read(file));
  }

  async readAgain(): Promise<void> {
    if (this.file) await this.read(this.file);
  }

  get query() {
    return {
      asOf: this.asOf,
      ...(this.policyId === null ? {} : { policyId: this.policyId }),
    };
  }

  async #read(file: File): Promise<void> {
    const held = await this.progress.of((token) =>
      answer(
        api.POST('/api/held-against/file', {
          params: { query: { ...this.query, progress: token } },
          ...fileBody(file, { name: 'reading', value: this.how.asked }),
        }),
      ),
    );
    const { rows, ...found } = held;
    this.found = found;
    if (this.how.isForgottenBy(found)) return this.#read(file);
    this.rows = rows;
    this.chosen = [];
  }

  /** All of it as a file, from the record that was read. */
  download(): Promise<boolean> {
    return this.work.do(async () => {
      const file = await answer(
        api.POST('/api/held-against/file/table.csv', {
          params: { query: this.query },
          ...fileBody(this.file!, { name: 'reading', value: this.how.asked }),
          parseAs: 'blob',
        }),
      );
      save(`held-against-another-record-${this.asOf}.csv`, file as unknown as Blob);
    });
  }

  keyOf(row: HeldRow): string {
    return `${row.personId}/${row.policyId}`;
  }
}
