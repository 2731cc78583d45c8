import { push } from 'svelte-spa-router';
import { answer, api } from '../api/client';
import type { Person } from '../api/types';
import { longDay, peopleCounted, plusDays, shortDay, span, withUnit } from '../common/format';
import { asOf } from './asof.svelte';
import type { Question } from './question';
import { session } from './session.svelte';

/** Something that the command box offers. */
export interface Choice {
  name: string;
  detail: string;
  run: () => void;
}

const PEOPLE = 4;
const LINES = 6;
const DAYS_OF_A_WEEK = 7;
const MOST_WEEKS = 104;

/** What a person has on the day asked about, one line each. */
export async function balancesOf(people: Person[], question: Question): Promise<Choice[]> {
  const wanted = question.policies.map(({ id }) => id);
  const all = people.slice(0, PEOPLE).map(async (person): Promise<Choice> => {
    const page = await answer(
      api.GET('/api/people/{personId}/balances', {
        params: { path: { personId: person.id }, query: { asOf: question.first } },
      }),
    );
    const rows = page.items.filter((row) => wanted.length === 0 || wanted.includes(row.policyId));
    const said = rows.map((row) => `${row.policy} ${withUnit(row.balance, row.unit)}`).join(', ');
    const only = rows.length === 1 ? rows[0] : undefined;
    return {
      name: `${person.name} on ${longDay(question.first)}: ${said || 'no balance'}`,
      detail: 'answer',
      run: () => {
        asOf.day = question.first;
        void push(only ? `/balances/${person.id}/${only.policyId}` : `/people/${person.id}`);
      },
    };
  });
  return Promise.all(all);
}

/** What is about to happen on the days asked about. */
export async function aheadOf(question: Question): Promise<Choice[]> {
  const { today } = session.current;
  const through = question.daySaid ? question.last : plusDays(today, 8 * DAYS_OF_A_WEEK);
  let weeks = 1;
  while (weeks < MOST_WEEKS && plusDays(today, weeks * DAYS_OF_A_WEEK) < through) weeks++;
  const what = question.what === null || question.what === 'ANYTHING' ? undefined : question.what;
  const policyId = question.policies[0]?.id;
  const teamId = question.teams[0]?.id;
  const found = await answer(
    api.GET('/api/ahead', {
      params: {
        query: {
          weeks,
          ...(what && { what }),
          ...(policyId !== undefined && { policyId }),
          ...(teamId !== undefined && { teamId }),
        },
      },
    }),
  );
  const from = question.daySaid ? question.first : today;
  const groups = found.groups.filter((group) => group.through >= from && group.on <= through);
  const place = `/ahead?${new URLSearchParams({
    weeks: String([2, 4, 8, 13, 26, 52, 104].find((each) => each >= weeks)),
    ...(what && { what }),
    ...(policyId !== undefined && { policy: String(policyId) }),
    ...(teamId !== undefined && { team: String(teamId) }),
  }).toString()}`;
  if (groups.length === 0) {
    const when = span(from, through);
    return [
      { name: `Nothing like that from ${when}`, detail: 'answer', run: () => void push(place) },
    ];
  }
  return groups.slice(0, LINES).map((group) => ({
    name: `${group.policy}: ${group.says}`,
    detail: 'answer',
    run: () => void push(place),
  }));
}

/** The table of balances that is asked for by a policy, a team and a day. */
export function tableOf(question: Question): Choice[] {
  const [policy] = question.policies;
  const [team] = question.teams;
  if (!policy && !team) return [];
  const named = [policy?.name, team?.name].filter(Boolean).join(', ');
  const on = question.daySaid ? question.first : '';
  const place = `/balances?${new URLSearchParams({
    ...(on && { on }),
    ...(policy && { policy: String(policy.id) }),
    ...(team && { team: String(team.id) }),
  }).toString()}`;
  return [
    {
      name: `Balances: ${named}${on ? ` on ${shortDay(on)}` : ''}`,
      detail: 'answer',
      run: () => void push(place),
    },
  ];
}

/** That some words say nothing here. */
export function notUnderstood(question: Question, people: Person[]): string {
  return question.rest !== '' && people.length === 0
    ? `“${question.rest}” is the name of nobody and nothing here.`
    : people.length > PEOPLE
      ? `${peopleCounted(people.length)} or more match; the first ${PEOPLE} are answered.`
      : '';
}
