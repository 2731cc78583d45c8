import { untrack } from 'svelte';
import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { CalendarView, Organisation, Policy, TeamPeople } from '../api/types';
import { plusMonths } from '../common/dates';
import { mondayOf, plusDays } from '../common/format';
import { kept } from '../common/kept';
import { latest } from '../common/latest';
import { Work } from '../common/work.svelte';

export type Stretch = 'WEEK' | 'MONTH' | 'QUARTER';

export const STRETCHES: { value: Stretch; title: string }[] = [
  { value: 'WEEK', title: 'Week' },
  { value: 'MONTH', title: 'Month' },
  { value: 'QUARTER', title: 'Quarter' },
];

const WEEKS_OF_QUARTER = 13;
const TEAMS_AT_ONCE = 30;
const MOST_TEAMS = 500;
const before = kept<{ stretch: Stretch; siteId: string; policyId: string; opened: number[] }>(
  'calendar',
);

/** The days that a stretch shows around a day: a week from Monday, a month, or a quarter of whole weeks. */
export function daysOf(stretch: Stretch, around: string): { from: string; through: string } {
  if (stretch === 'MONTH') {
    const from = `${around.slice(0, 7)}-01`;
    return { from, through: plusDays(plusMonths(from, 1), -1) };
  }
  const from = mondayOf(around);
  return { from, through: plusDays(from, (stretch === 'WEEK' ? 1 : WEEKS_OF_QUARTER) * 7 - 1) };
}

/** The shared calendar as it is looked at. */
export class AbsenceCalendar {
  around = $state('');
  stretch = $state<Stretch>(before.recall()?.stretch ?? 'MONTH');
  siteId = $state(before.recall()?.siteId ?? '');
  policyId = $state(before.recall()?.policyId ?? '');
  opened = $state<number[]>(before.recall()?.opened ?? []);
  view = $state.raw<CalendarView | null>(null);
  people = $state<Record<number, TeamPeople['people']>>({});
  organisation = $state<Organisation | null>(null);
  policies = $state<Policy[]>([]);
  readonly work = new Work();

  #openedItself = false;
  readonly #ask = latest<[CalendarView, TeamPeople[]]>();

  constructor(around: string) {
    this.around = around;
  }

  readonly days = $derived(daysOf(this.stretch, this.around));

  readonly #query = $derived({
    ...this.days,
    ...(this.siteId && { siteId: Number(this.siteId) }),
    ...(this.policyId && { policyId: Number(this.policyId) }),
  });

  begin() {
    void this.work.do(async () => {
      [this.organisation, this.policies] = await Promise.all([
        answer(api.GET('/api/organisation')),
        answer(api.GET('/api/policies')),
      ]);
    });
  }

  load() {
    const query = this.#query;
    const teams = [...this.opened];
    before.keep({
      stretch: this.stretch,
      siteId: this.siteId,
      policyId: this.policyId,
      opened: teams,
    });
    this.#ask(
      Promise.all([
        answer(
          api.GET('/api/calendar', {
            params: { query: { ...query, size: untrack(() => this.#shown()) } },
          }),
        ),
        Promise.all(
          teams.map((teamId) =>
            answer(
              api.GET('/api/calendar/teams/{teamId}', { params: { path: { teamId }, query } }),
            ),
          ),
        ),
      ]),
      ([view, opened]) => {
        this.view = view;
        // whoever sees one team only wants to see its people
        const only = view.teams.length === 1 ? view.teams[0] : undefined;
        if (only && before.recall()?.opened.length === 0 && !this.#openedItself) {
          this.#openedItself = true;
          this.toggle(only.teamId);
        }
        this.people = Object.fromEntries(opened.map((team) => [team.teamId, team.people]));
        this.work.problem = null;
      },
      (thrown) => (this.work.problem = Problem.of(thrown)),
    );
  }

  /** How many teams were looked at already, so that as many are there again. */
  #shown(): number {
    return Math.min(MOST_TEAMS, Math.max(TEAMS_AT_ONCE, this.view?.teams.length ?? 0));
  }

  /** How many teams are not here yet. */
  get left(): number {
    return this.view === null ? 0 : this.view.allTeams - this.view.teams.length;
  }

  /** Fetches the teams after those that are here; what is asked anew meanwhile goes before. */
  async more() {
    const view = this.view!;
    if (this.work.busy) return;
    await this.work.do(async () => {
      const page = Math.floor(view.teams.length / TEAMS_AT_ONCE);
      const query = { ...this.#query, page, size: TEAMS_AT_ONCE };
      const next = await answer(api.GET('/api/calendar', { params: { query } }));
      if (this.view === view) {
        const here = view.teams.slice(0, page * TEAMS_AT_ONCE);
        this.view = { ...view, teams: [...here, ...next.teams] };
      }
    });
  }

  move(direction: 1 | -1) {
    this.around =
      this.stretch === 'MONTH'
        ? plusMonths(this.days.from, direction)
        : plusDays(this.days.from, direction * (this.stretch === 'WEEK' ? 7 : 28));
  }

  toggle(teamId: number) {
    this.opened = this.opened.includes(teamId)
      ? this.opened.filter((each) => each !== teamId)
      : [...this.opened, teamId];
  }
}
