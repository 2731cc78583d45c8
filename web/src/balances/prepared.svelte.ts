import type { AdjustmentRow } from '../api/types';

/** Adjustments that another page has prepared, with what they are in words. */
class Prepared {
  rows = $state.raw<AdjustmentRow[]>([]);
  what = $state('');

  /** Takes them, so that they are there once. */
  take(): { rows: AdjustmentRow[]; what: string } | null {
    if (this.rows.length === 0) return null;
    const taken = { rows: this.rows, what: this.what };
    this.rows = [];
    return taken;
  }
}

export const prepared = new Prepared();
