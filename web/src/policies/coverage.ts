import type { Coverage, Organisation } from '../api/types';
import { peopleCounted } from '../common/format';

export const EVERYBODY: Coverage = {
  byRule: true,
  types: [],
  teams: [],
  notTeams: [],
  sites: [],
  named: [],
  excluded: [],
};

/** Nobody but people named one by one. */
export const NOBODY: Coverage = { ...EVERYBODY, byRule: false };

function listed(names: string[]): string {
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** Whom the conditions mean: “hourly people of Grounds at the Nursery”. */
function ruleWords(coverage: Coverage, organisation: Organisation): string {
  const among = (all: Organisation['teams'], ids: number[] | null) =>
    listed(all.filter((each) => (ids ?? []).includes(each.id)).map((each) => each.name));
  const teams = among(organisation.teams, coverage.teams);
  const sites = among(organisation.sites, coverage.sites);
  const types = listed((coverage.types ?? []).map((type) => type.toLowerCase()));
  const who = types !== '' ? `${types} people` : teams === '' ? 'everybody' : '';
  return [who, teams !== '' && (who === '' ? teams : `of ${teams}`), sites !== '' && `at ${sites}`]
    .filter(Boolean)
    .join(' ');
}

/** Whom a policy covers, in few words. */
export function coverageWords(coverage: Coverage | null, organisation: Organisation): string {
  if (coverage === null) return 'nobody yet';
  const named = coverage.named?.length ?? 0;
  const people = named === 1 ? '1 named person' : `${named} named people`;
  const covered = [coverage.byRule && ruleWords(coverage, organisation), named > 0 && people]
    .filter(Boolean)
    .join(' and ');
  const without = [
    ...organisation.teams
      .filter((team) => (coverage.notTeams ?? []).includes(team.id))
      .map((team) => team.name),
    ...((coverage.excluded?.length ?? 0) > 0 ? [peopleCounted(coverage.excluded!.length)] : []),
  ];
  return `${covered || 'nobody'}${without.length === 0 ? '' : `, but not ${listed(without)}`}`;
}
