import type { Blocker, WorksheetRow } from '../api/types';

/** Whose leave is entered, and on which day. */
export type Entering = Pick<Blocker, 'personId' | 'person' | 'on'> | 'SOMEBODY';

/** What is open beside a run; only one thing is at a time. */
export class RunPanels {
  row = $state<WorksheetRow | null>(null);
  /** Of which row the whole ledger is looked at. */
  ledger = $state<WorksheetRow | null>(null);
  request = $state<number | null>(null);
  entering = $state<Entering | null>(null);
  card = $state<{ person: { id: number; name: string }; on: string } | null>(null);
  /** Whose extra hours are looked at: a name, empty for everybody. */
  extra = $state<string | null>(null);

  fold(): void {
    this.row = this.ledger = this.request = this.entering = this.card = this.extra = null;
  }

  openRow(row: WorksheetRow): void {
    this.fold();
    this.row = row;
  }

  openLedger(row: WorksheetRow): void {
    this.fold();
    this.ledger = row;
  }

  openRequest(id: number): void {
    this.fold();
    this.request = id;
  }

  enterLeave(entering: Entering): void {
    this.fold();
    this.entering = entering;
  }

  openCard(person: { id: number; name: string }, on: string): void {
    this.fold();
    this.card = { person, on };
  }

  openExtra(search: string): void {
    this.fold();
    this.extra = search;
  }
}
