/** Leave that is about to be entered from wherever somebody is. */
export interface LeaveToEnter {
  person: { id: number; name: string };
  policyId: number;
  first: string;
  last: string;
}

class Entering {
  leave = $state<LeaveToEnter | null>(null);
  /** Counts what was entered, so that pages that show it look again. */
  done = $state(0);

  close() {
    this.leave = null;
  }

  entered() {
    this.leave = null;
    this.done += 1;
  }
}

export const entering = new Entering();
