import type { TeamMember, Unit } from '../api/types';
import { plusDays } from '../common/format';

/** In what order a team is looked at. */
export const ORDERS = {
  name: 'by name',
  lapse: 'what lapses first',
  taken: 'who has taken least',
  away: 'who is away next',
} as const;

export type Order = keyof typeof ORDERS;

const SOON_DAYS = 92;

/** Time that lapses within three months. */
export interface TeamLapse {
  policyId: number;
  policy: string;
  unit: Unit;
  on: string;
  amount: string;
}

export function lapses(member: TeamMember, from: string): TeamLapse[] {
  const until = plusDays(from, SOON_DAYS);
  return member.balances
    .filter((each) => each.nextLapse && each.nextLapse.on <= until)
    .map((each) => ({
      policyId: each.policyId,
      policy: each.policy,
      unit: each.unit,
      on: each.nextLapse!.on,
      amount: each.nextLapse!.amount,
    }))
    .sort((one, other) => one.on.localeCompare(other.on));
}

const LAST = '9999';

function firstLapse(member: TeamMember): string {
  return (
    member.balances
      .map((each) => each.nextLapse?.on ?? LAST)
      .sort()
      .at(0) ?? LAST
  );
}

export function sorted(team: TeamMember[], order: Order): TeamMember[] {
  const keys: Record<Order, (one: TeamMember, other: TeamMember) => number> = {
    name: () => 0,
    lapse: (one, other) => firstLapse(one).localeCompare(firstLapse(other)),
    taken: (one, other) => one.daysTaken - other.daysTaken,
    away: (one, other) => (one.nextAway ?? LAST).localeCompare(other.nextAway ?? LAST),
  };
  return [...team].sort(
    (one, other) => keys[order](one, other) || one.person.localeCompare(other.person),
  );
}
