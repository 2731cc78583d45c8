import Big from 'big.js';

/** Exact decimals as texts; numbers of the browser would lose digits and round some the wrong way. */

const ROUND_HALF_UP: Big.RoundingMode = 1;

export function exactSum(texts: string[]): string {
  return texts.reduce((sum, each) => sum.plus(each), new Big(0)).toFixed();
}

export function exactDifference(one: string, other: string): string {
  return new Big(one).minus(other).toFixed();
}

export function exactProduct(one: string, other: string): string {
  return new Big(one).times(other).toFixed();
}

/** Rounded half up, away from 0 for what is below it, as the server does. */
export function rounded(exact: string, decimals: number): string {
  const text = new Big(exact).round(decimals, ROUND_HALF_UP).toFixed();
  return text === '-0' ? '0' : text;
}

/** Which of two is larger: below 0, 0 or above 0. */
export function compare(one: string, other: string): number {
  return new Big(one).cmp(other);
}

/** -1, 0 or 1 */
export function sign(exact: string): number {
  return new Big(exact).cmp(0);
}

export function isPositive(exact: string): boolean {
  return sign(exact) > 0;
}

export function isNegative(exact: string): boolean {
  return sign(exact) < 0;
}

export function isZero(exact: string): boolean {
  return sign(exact) === 0;
}

export function sameNumber(one: string, other: string): boolean {
  return new Big(one).eq(other);
}

/** Whether a text is a decimal number such as 7.5 or -0.25. */
export function isDecimal(text: string): boolean {
  return /^-?\d+(\.\d+)?$/.test(text);
}
