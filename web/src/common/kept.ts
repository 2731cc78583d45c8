/**
 * What somebody is typing, kept in this window until it is saved, so that going back in the browser or reloading the page
 * loses nothing.
 */
export function kept<T>(key: string) {
  const name = `kept ${key}`;
  return {
    keep(value: T): void {
      try {
        sessionStorage.setItem(name, JSON.stringify(value));
      } catch {
        // more than a browser keeps for a page, such as a file of ten thousand rows: it stays on the page only
        sessionStorage.removeItem(name);
      }
    },
    /** What was typed, or null where nothing was. */
    recall(): T | null {
      const text = sessionStorage.getItem(name);
      return text === null ? null : (JSON.parse(text) as T);
    },
    forget(): void {
      sessionStorage.removeItem(name);
    },
  };
}
