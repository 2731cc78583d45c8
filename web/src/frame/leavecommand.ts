import type { Policy } from '../api/types';
import { daysBetween, words } from '../common/format';
import { meantDays } from '../common/spans';

/** Leave that somebody types into the command box, such as "sick Merrin today". */
export interface MeantLeave {
  policies: Policy[];
  /** By which the person is found. */
  search: string;
  first: string;
  last: string;
}

/** What is meant: the beginning of a kind, of a name, and perhaps days, today where there are none. Null where it is none. */
export function meantLeave(typed: string, policies: Policy[], today: string): MeantLeave | null {
  const [kind = '', ...rest] = typed.trim().toLowerCase().split(/\s+/);
  if (kind.length < 3 || rest.length === 0) return null;
  const meant = policies.filter((policy) =>
    `${policy.name} ${words(policy.kind)}`
      .toLowerCase()
      .split(/\s+/)
      .some((word) => word.startsWith(kind)),
  );
  if (meant.length === 0) return null;
  for (let named = 1; named <= rest.length; named++) {
    const tail = rest.slice(named).join(' ');
    const days = tail === '' ? [today] : meantDays(tail, today);
    const [first, last] = [days?.[0], days?.at(-1)];
    if (first && last && daysBetween(first, last) === days!.length - 1) {
      return { policies: meant, search: rest.slice(0, named).join(' '), first, last };
    }
  }
  return null;
}
