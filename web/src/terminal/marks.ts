const BYTES_OF_A_MARK = 15;

/** A name by which one thing that was said is known for ever, also where a page is not served securely. */
export function newMark(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES_OF_A_MARK));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** A moment in milliseconds as the server reads it. */
export function written(milliseconds: number): string {
  return new Date(milliseconds).toISOString();
}

/** What the clock of a zone shows at a moment: the time, and the day in words. */
export function shown(milliseconds: number, timeZone: string): { time: string; day: string } {
  const time = { timeZone, hour: '2-digit', minute: '2-digit' } as const;
  const day = {
    timeZone,
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  } as const;
  return {
    time: new Intl.DateTimeFormat('en-GB', time).format(milliseconds),
    day: new Intl.DateTimeFormat('en-GB', day).format(milliseconds),
  };
}
