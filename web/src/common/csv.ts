/** By this mark spreadsheets know that a file is Unicode. */
const BYTE_ORDER_MARK = '\uFEFF';
const FIGURE = /^-?\d+(\.\d+)?$/;

/** A cell that no spreadsheet takes for a formula. */
function field(value: string): string {
  const plain = /^[=+\-@\t\r]/.test(value) && !FIGURE.test(value) ? `'${value}` : value;
  return /[",\n\r]/.test(plain) ? `"${plain.replaceAll('"', '""')}"` : plain;
}

/** Rows as the text of a CSV file. */
export function csv(rows: string[][]): string {
  return `${BYTE_ORDER_MARK}${rows.map((row) => row.map(field).join(',')).join('\r\n')}\r\n`;
}

/** Saves a file on the person's own machine. */
export function saveBlob(name: string, content: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** Saves rows as a CSV file, with the exact figures. */
export function saveCsv(name: string, rows: string[][]): void {
  saveBlob(`${name}.csv`, new Blob([csv(rows)], { type: 'text/csv;charset=utf-8' }));
}
