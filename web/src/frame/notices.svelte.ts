import { answer, api } from '../api/client';

/** How many notices are unread. */
class Unread {
  count = $state(0);

  /** Asks anew; a count that cannot be had stays as it was. */
  async look(): Promise<void> {
    try {
      this.count = (await answer(api.GET('/api/notices/unread'))).unread;
    } catch {
      // asked again with the next page
    }
  }
}

export const unread = new Unread();
