/** Takes the answer to the latest question only: an earlier one that arrives late is of no interest any more. */
export function latest<T>() {
  let asked = 0;
  return (call: Promise<T>, take: (answer: T) => void, fail: (thrown: unknown) => void): void => {
    const question = ++asked;
    call.then(
      (answer) => question === asked && take(answer),
      (thrown) => question === asked && fail(thrown),
    );
  };
}
