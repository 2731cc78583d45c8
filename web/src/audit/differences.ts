/** One value that a change touched, in words. */
export interface Difference {
  field: string;
  before: string | null;
  after: string | null;
}

type Flat = Record<string, string>;

function named(path: string): string {
  return path
    .replace(/Id$/, '')
    .replace(/([A-Z])/g, ' $1')
    .replaceAll('.', ', ')
    .toLowerCase()
    .trim();
}

/** All values of a record by their paths; what is empty is left out. */
function flat(value: unknown, path: string, into: Flat): Flat {
  if (value === null || value === undefined || value === '') return into;
  if (Array.isArray(value)) {
    if (value.every((each) => typeof each !== 'object')) {
      if (value.length > 0) into[path] = value.join(', ');
    } else {
      value.forEach((each, at) => flat(each, `${path} ${at + 1}`, into));
    }
  } else if (typeof value === 'object') {
    Object.entries(value).forEach(([key, each]) => flat(each, path ? `${path}.${key}` : key, into));
  } else {
    into[path || 'value'] = String(value);
  }
  return into;
}

function parsed(text: string | null): Flat {
  if (text === null) return {};
  try {
    return flat(JSON.parse(text), '', {});
  } catch {
    return { value: text };
  }
}

/** What differs between two records as they were written down. */
export function differences(before: string | null, after: string | null): Difference[] {
  const one = parsed(before);
  const other = parsed(after);
  return [...new Set([...Object.keys(one), ...Object.keys(other)])]
    .filter((path) => one[path] !== other[path])
    .map((path) => ({
      field: named(path),
      before: one[path] ?? null,
      after: other[path] ?? null,
    }));
}
