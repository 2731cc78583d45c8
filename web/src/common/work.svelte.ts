import { Problem } from '../api/problem';

/** Something that is asked of the server: whether it is under way, and why it was refused. */
export class Work {
  busy = $state(false);
  problem = $state<Problem | null>(null);

  /** Does it; tells whether it went well. What was refused before is forgotten when it begins. */
  async do(work: () => Promise<void>): Promise<boolean> {
    this.busy = true;
    this.problem = null;
    try {
      await work();
      return true;
    } catch (thrown) {
      this.problem = Problem.of(thrown);
      return false;
    } finally {
      this.busy = false;
    }
  }
}
