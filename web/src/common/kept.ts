/**
 * What somebody is typing, kept in this window until it is saved, so that going back in the browser or reloading the page
 * loses nothing.
 */
export function kept<T>(key: string) {
  const name = `kept ${key}`;
  return {
    keep(value: T): void {
      sessionStorage.setItem(name, JSON.stringify(value));
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
