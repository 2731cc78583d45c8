/** Does something a moment later, unless it is called off meanwhile: the answer calls it off. */
export function soon(work: () => unknown, milliseconds: number): () => void {
  const timer = window.setTimeout(() => void work(), milliseconds);
  return () => window.clearTimeout(timer);
}
