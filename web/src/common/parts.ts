/** Goes through many in parts of a size, one after the other, and tells after each part what came of all so far. */
export async function inParts<T, R>(
  all: T[],
  size: number,
  work: (part: T[]) => Promise<R[]>,
  soFar: (results: R[]) => void,
): Promise<R[]> {
  const results: R[] = [];
  for (let from = 0; from < all.length; from += size) {
    results.push(...(await work(all.slice(from, from + size))));
    soFar([...results]);
  }
  return results;
}
