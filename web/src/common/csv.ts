function field(value: string): string {
  return /[",\n]/.test(value) ? `"${value.replaceAll('"', '""')}"` : value;
}

/** Saves rows as a CSV file on the person's own machine, with the exact figures. */
export function saveCsv(name: string, rows: string[][]): void {
  const text = rows.map((row) => row.map(field).join(',')).join('\r\n');
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([`${text}\r\n`], { type: 'text/csv;charset=utf-8' }));
  link.download = `${name}.csv`;
  link.click();
  URL.revokeObjectURL(link.href);
}
