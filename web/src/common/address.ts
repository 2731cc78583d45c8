/** What stands after the question mark of an address, by name. */
export function read(query: string): Partial<Record<string, string>> {
  return Object.fromEntries(new URLSearchParams(query));
}

/** What stands after an address, with its question mark; empty where there is nothing to say. */
export function written(named: [string, string][]): string {
  return named.length === 0 ? '' : `?${new URLSearchParams(named).toString()}`;
}
