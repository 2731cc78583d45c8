export type DayMonth = 'DAY_FIRST' | 'MONTH_FIRST';

/** How a file was read, as the server says it. */
export interface FileRead {
  headings: string[];
  encoding: string;
  columns: { column: string; title: string; needed: boolean; heading: string | null }[];
  order: DayMonth | null;
}

/** What a file would bring. */
export interface FilePreview extends FileRead {
  rows: number;
  people: number;
  faults: { line: number; text: string; reason: string }[];
}

/**
 * How files of one kind are to be read. What somebody chose is remembered in this browser and holds for the next file that
 * has the same headings.
 */
export class FileReading {
  columns = $state<Record<string, string> | null>(null);
  order = $state<DayMonth | null>(null);

  readonly #name: string;

  constructor(kind: string) {
    this.#name = `columns of ${kind}`;
    const text = localStorage.getItem(this.#name);
    this.columns = text === null ? null : (JSON.parse(text) as Record<string, string>);
  }

  choose(column: string, heading: string, read: FileRead) {
    this.columns = { ...matches(read), [column]: heading };
    localStorage.setItem(this.#name, JSON.stringify(this.columns));
  }

  /** Whether what was chosen does not belong to this file, which then has to be read by the names of its own headings. */
  isForgottenBy(read: FileRead): boolean {
    const stranger = Object.values(this.columns ?? {}).some(
      (heading) => heading !== '' && !read.headings.includes(heading),
    );
    if (stranger) this.columns = null;
    return stranger;
  }

  get asked() {
    return {
      columns:
        this.columns === null
          ? null
          : Object.entries(this.columns)
              .filter(([, heading]) => heading !== '')
              .map(([column, heading]) => ({ column, heading })),
      order: this.order,
    };
  }
}

function matches(read: FileRead): Record<string, string> {
  return Object.fromEntries(read.columns.map((each) => [each.column, each.heading ?? '']));
}

/** The needed columns that were not found, in words: person and date. */
export function missingIn(read: FileRead): string {
  return read.columns
    .filter((each) => each.needed && each.heading === null)
    .map((each) => each.title.toLowerCase())
    .join(' and ');
}
