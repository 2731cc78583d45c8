import { replace, router } from 'svelte-spa-router';
import { answer, api } from '../api/client';
import { Problem } from '../api/problem';
import type { Organisation, Policy, RequestSummary } from '../api/types';
import { read, written } from '../common/address';
import { latest } from '../common/latest';
import { Work } from '../common/work.svelte';

type State = RequestSummary['state'];

const SIZE = 40;
const KEPT = 'requests shown';
const DECIDED: State[] = ['APPROVED', 'PARTLY_APPROVED', 'DECLINED'];

/** What can be shown, and the states it stands for; none for all of them. */
export const SHOWN = {
  waiting: { title: 'Waiting', states: ['WAITING'] },
  decided: { title: 'Decided', states: DECIDED },
  ended: { title: 'Withdrawn or cancelled', states: ['WITHDRAWN', 'CANCELLED'] },
  all: { title: 'All', states: [] },
} satisfies Record<string, { title: string; states: State[] }>;

/** Which requests are looked at: kept in the address and between visits. */
export class Queue {
  show = $state<keyof typeof SHOWN>('waiting');
  search = $state('');
  teamId = $state('');
  policyId = $state('');
  from = $state('');
  through = $state('');
  page = $state(0);
  found = $state<{ items: RequestSummary[]; total: number } | null>(null);
  selected = $state<number[]>([]);
  organisation = $state<Organisation | null>(null);
  policies = $state<Policy[]>([]);
  readonly work = new Work();
  readonly size = SIZE;

  readonly #ask = latest<{ items: RequestSummary[]; total: number }>();

  constructor() {
    const before = read(router.querystring || localStorage.getItem(KEPT) || '');
    const show = before.show ?? 'waiting';
    if (show in SHOWN) this.show = show as keyof typeof SHOWN;
    this.search = before.search ?? '';
    this.teamId = before.team ?? '';
    this.policyId = before.policy ?? '';
    this.from = before.from ?? '';
    this.through = before.through ?? '';
  }

  /** The filters as they stand in the address, empty where nothing is narrowed. */
  readonly address = $derived.by(() => {
    const set = Object.entries({
      show: this.show === 'waiting' ? '' : this.show,
      search: this.search.trim(),
      team: this.teamId,
      policy: this.policyId,
      from: this.from,
      through: this.through,
    }).filter(([, value]) => value !== '');
    return written(set);
  });

  readonly narrowed = $derived(
    [this.search.trim(), this.teamId, this.policyId, this.from, this.through].some(Boolean),
  );

  readonly #query = $derived({
    state: [...SHOWN[this.show].states],
    search: this.search,
    ...(this.teamId && { teamId: Number(this.teamId) }),
    ...(this.policyId && { policyId: Number(this.policyId) }),
    ...(this.from && { from: this.from }),
    ...(this.through && { through: this.through }),
    page: this.page,
    size: SIZE,
  });

  href(id: number): string {
    return `/requests/${id}${this.address}`;
  }

  /** Puts the filters into the address and keeps them for the next visit. */
  keep(id: string | undefined) {
    localStorage.setItem(KEPT, this.address);
    const place = `/requests${id ? `/${id}` : ''}${this.address}`;
    const now = `${router.location}${router.querystring ? `?${router.querystring}` : ''}`;
    if (router.location.startsWith('/requests') && place !== now) void replace(place);
  }

  begin() {
    void this.work.do(async () => {
      [this.organisation, this.policies] = await Promise.all([
        answer(api.GET('/api/organisation')),
        answer(api.GET('/api/policies')),
      ]);
    });
  }

  load() {
    this.#ask(
      answer(api.GET('/api/requests', { params: { query: this.#query } })),
      (found) => {
        this.found = found;
        this.work.problem = null;
        this.selected = this.selected.filter((id) => found.items.some((each) => each.id === id));
      },
      (thrown) => (this.work.problem = Problem.of(thrown)),
    );
  }

  clear() {
    this.search = this.teamId = this.policyId = this.from = this.through = '';
    this.page = 0;
  }

  toggle(id: number) {
    this.selected = this.selected.includes(id)
      ? this.selected.filter((each) => each !== id)
      : [...this.selected, id];
  }

  toggleAll() {
    const all = this.found?.items.map((each) => each.id) ?? [];
    this.selected = this.selected.length === all.length ? [] : all;
  }

  /** The one after another in the list, or the first. */
  after(id: number | null): number | null {
    const items = this.found?.items ?? [];
    const at = items.findIndex((each) => each.id === id);
    return (items[at + 1] ?? items[0])?.id ?? null;
  }
}
