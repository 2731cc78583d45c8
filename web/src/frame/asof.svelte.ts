import { session } from './session.svelte';

/** The day that every figure on an administrator's screen is for. */
class AsOfDay {
  private chosen = $state<string | null>(null);

  get day(): string {
    return this.chosen ?? session.current.today;
  }

  set day(day: string) {
    this.chosen = day === session.current.today ? null : day;
  }

  get direction(): 'today' | 'ahead' | 'back' {
    if (this.day === session.current.today) {
      return 'today';
    }
    return this.day > session.current.today ? 'ahead' : 'back';
  }

  backToToday(): void {
    this.chosen = null;
  }
}

export const asOf = new AsOfDay();
