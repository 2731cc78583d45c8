import type { Road, Segment } from '../api/types';

/** The period that is gathered; where none is, the one that a day lies in. */
export function openPeriod(road: Road | null, on: string): Segment | undefined {
  return (
    road?.periods.find((each) => each.state === 'GATHERING') ??
    road?.periods.find((each) => each.first <= on && on <= each.last)
  );
}
