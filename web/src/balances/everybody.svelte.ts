import { answer, api } from '../api/client';
import type { BalanceTable } from '../api/types';
import { unitName } from '../common/format';
import { LongRows } from '../common/longrows.svelte';
import { LongWork } from '../common/progress.svelte';
import { isNumber } from '../common/tables';
import { asOf } from '../frame/asof.svelte';
import { session } from '../frame/session.svelte';
import { addressOf, queryOf, type RowsOf, USUAL, type Wanted } from './view';

/** A row of whatever is shown: its figures by the keys of the columns, and what it is about. */
export type Row = Record<string, unknown> & {
  personId?: number;
  policyId?: number;
  placeId?: number;
};

/** So many rows are added up without being asked. */
export const SUMMED = 2_000;

/** Everybody's balances as somebody wants to see them. */
export class Everybody {
  wanted = $state<Wanted>({ ...USUAL });
  summed = $state(false);
  sums = $state.raw<BalanceTable['sums']>([]);
  readonly long = new LongRows<Row, Pick<BalanceTable, 'columns' | 'offered'>>();
  readonly progress = new LongWork();

  readonly head = $derived(this.long.head);
  readonly query = $derived(queryOf(this.wanted, asOf.day));
  readonly isSum = $derived(['TEAM', 'SITE', 'POLICY'].includes(this.wanted.rows));
  readonly address = $derived(addressOf(this.wanted, this.on));

  /** The figures on which conditions can be put, in words. */
  readonly figures = $derived(
    Object.fromEntries(
      (this.head?.offered ?? [])
        .filter((column) => isNumber(column) && this.wanted.rows === 'BALANCE')
        .map(({ key, title }) => [key, title.replace(/^[^A-Za-z]+/, '')]),
    ),
  );

  readonly lastLines = $derived(
    this.sums.map(({ unit, figures }) => ({
      ...figures,
      [this.head?.columns[0]?.key ?? '']: `In ${unitName(unit)} together`,
    })),
  );

  /** The as-of day as it stands in an address: nothing for today. */
  get on(): string {
    return asOf.day === session.current.today ? '' : asOf.day;
  }

  /** Asks for what is wanted now. */
  ask(): void {
    const asked = this.query;
    if (asked === null) return;
    this.sums = [];
    this.summed = false;
    this.long.ask((firstRow, size) =>
      this.progress.of(async (token) => {
        const found = await answer(
          api.GET('/api/balances', {
            params: { query: { ...asked, firstRow, size, progress: token } },
          }),
        );
        return { rows: found.rows as Row[], total: found.total, head: found };
      }),
    );
  }

  /** Adds up all that match. */
  async sumUp(): Promise<void> {
    const asked = this.query;
    if (asked === null || this.summed || this.wanted.rows === 'PERSON') return;
    this.summed = true;
    const found = await this.progress.of((token) =>
      answer(
        api.GET('/api/balances', {
          params: { query: { ...asked, size: 1, sums: true, progress: token } },
        }),
      ),
    );
    if (asked === this.query) this.sums = found.sums;
  }

  change(rows: RowsOf): void {
    const columns = rows === 'PERSON' ? ['balance'] : [];
    this.wanted = { ...this.wanted, rows, order: '', columns };
  }

  /** The address of the balances that a sum is made of. */
  inside(row: Row): string {
    const place: Partial<Wanted> =
      this.wanted.rows === 'TEAM'
        ? { teamId: String(row.placeId) }
        : this.wanted.rows === 'SITE'
          ? { siteId: String(row.placeId) }
          : {};
    const policyId = String(row.policyId);
    return addressOf(
      { ...this.wanted, ...place, policyId, rows: 'BALANCE', order: '', columns: [] },
      this.on,
    );
  }
}
