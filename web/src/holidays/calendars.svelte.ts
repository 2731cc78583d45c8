import { answer, api } from '../api/client';
import type { Award, Holidays, Organisation } from '../api/types';
import { said } from '../common/said.svelte';
import { Work } from '../common/work.svelte';
import { road } from '../frame/road.svelte';
import { session } from '../frame/session.svelte';

/** The calendars of all sites, and the one that is looked at. */
export class Calendars {
  holidays = $state<Holidays | null>(null);
  awards = $state<Award[]>([]);
  organisation = $state<Organisation | null>(null);
  siteId = $state<number | null>(null);
  readonly work = new Work();

  readonly site = $derived(this.organisation?.sites.find((each) => each.id === this.siteId));
  readonly others = $derived(
    this.organisation?.sites.filter(
      (each) =>
        each.id !== this.siteId && this.holidays?.rules.some((rule) => rule.siteId === each.id),
    ) ?? [],
  );
  readonly days = $derived(
    this.holidays?.holidays.filter((each) => each.siteId === this.siteId) ?? [],
  );
  readonly rules = $derived(
    this.holidays?.rules.filter((each) => each.siteId === this.siteId) ?? [],
  );
  readonly pay = $derived(this.holidays?.pay.find((each) => each.siteId === this.siteId));
  readonly years = $derived(
    this.days
      .map((each) => each.on.slice(0, 4))
      .filter((year, at, all) => all.indexOf(year) === at),
  );
  /** The first year that has no holidays yet. */
  readonly nextYear = $derived(
    Math.max(Number(session.current.today.slice(0, 4)) - 1, ...this.years.map(Number)) + 1,
  );

  load(): Promise<boolean> {
    return this.work.do(async () => {
      [this.holidays, this.organisation, this.awards] = await Promise.all([
        answer(api.GET('/api/holidays')),
        answer(api.GET('/api/organisation')),
        answer(api.GET('/api/awards')),
      ]);
      this.siteId = this.organisation.sites[0]?.id ?? null;
    });
  }

  settled(changed: Holidays, words: string): void {
    this.work.problem = null;
    this.holidays = changed;
    said.say(words);
    road.changed();
  }

  #change(work: () => Promise<Holidays>, words: string): Promise<boolean> {
    return this.work.do(async () => this.settled(await work(), words));
  }

  copyRules(fromSiteId: number): Promise<boolean> {
    const params = { path: { siteId: this.siteId! }, query: { fromSiteId } };
    return this.#change(
      () => answer(api.POST('/api/holidays/{siteId}/rules/copy', { params })),
      'Copied. Days count once a year of them is taken.',
    );
  }

  removeRule(id: number): Promise<boolean> {
    return this.#change(
      () => answer(api.DELETE('/api/holidays/rules/{id}', { params: { path: { id } } })),
      'It comes no more. Days taken before stay.',
    );
  }

  unprotect(id: number): Promise<boolean> {
    return this.#change(
      () => answer(api.DELETE('/api/holidays/protected/{id}', { params: { path: { id } } })),
      'Leave can be asked for on these days again.',
    );
  }

  takeBackAward(id: number): Promise<boolean> {
    return this.work.do(async () => {
      this.awards = await answer(api.DELETE('/api/awards/{id}', { params: { path: { id } } }));
      said.say('The award is taken back.');
    });
  }
}
