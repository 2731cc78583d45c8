/** What the server, or the way to it, says is wrong. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly field: string | null = null,
    readonly status: number = 0,
  ) {
    super(message);
  }

  /** Whether it is about a field, whatever object the field lies in. */
  isAt(field: string): boolean {
    return this.field === field || (this.field?.endsWith(`.${field}`) ?? false);
  }

  static from(error: unknown): Problem {
    const details = (error ?? {}) as { detail?: string; field?: string; status?: number };
    return new Problem(
      details.detail ?? 'Something went wrong; nothing was changed. Please try again.',
      details.field ?? null,
      details.status ?? 0,
    );
  }

  static of(thrown: unknown): Problem {
    return thrown instanceof Problem ? thrown : new Problem(String(thrown));
  }
}
