/** Decimal texts added up without losing a digit, which numbers of the browser would. */

interface Parts {
  digits: bigint;
  decimals: number;
}

function parts(text: string): Parts {
  const [whole = '0', fraction = ''] = text.split('.');
  return { digits: BigInt(whole + fraction), decimals: fraction.length };
}

function written({ digits, decimals }: Parts): string {
  const minus = digits < 0n ? '-' : '';
  const all = (digits < 0n ? -digits : digits).toString().padStart(decimals + 1, '0');
  const whole = all.slice(0, all.length - decimals);
  const fraction = all.slice(all.length - decimals).replace(/0+$/, '');
  return fraction === '' ? `${whole === '0' ? '' : minus}${whole}` : `${minus}${whole}.${fraction}`;
}

export function exactSum(texts: string[]): string {
  const all = texts.map(parts);
  const decimals = Math.max(0, ...all.map((each) => each.decimals));
  const digits = all.reduce(
    (sum, each) => sum + each.digits * 10n ** BigInt(decimals - each.decimals),
    0n,
  );
  return written({ digits, decimals });
}

export function exactDifference(one: string, other: string): string {
  return exactSum([one, other.startsWith('-') ? other.slice(1) : `-${other}`]);
}
