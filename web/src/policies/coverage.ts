import type { Coverage, Organisation } from '../api/types';
import { peopleCounted } from '../common/format';

export const EVERYBODY: Coverage = { by: 'EVERYBODY', ids: [], types: [], excluded: [] };

function listed(names: string[]): string {
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** Whom a policy covers, in few words. */
export function coverageWords(coverage: Coverage | null, organisation: Organisation): string {
  if (coverage === null) return 'nobody yet';
  const ids = coverage.ids ?? [];
  const among = (all: Organisation['teams']) =>
    listed(all.filter((each) => ids.includes(each.id)).map((each) => each.name));
  const words = {
    EVERYBODY: () => 'everybody',
    TEAM: () => among(organisation.teams),
    SITE: () => `everybody at ${among(organisation.sites)}`,
    EMPLOYMENT_TYPE: () =>
      `${listed((coverage.types ?? []).map((type) => type.toLowerCase()))} people`,
    PERSON: () => (ids.length === 1 ? '1 named person' : `${ids.length} named people`),
  }[coverage.by]();
  const excluded = coverage.excluded?.length ?? 0;
  return excluded === 0 ? words : `${words}, but not ${peopleCounted(excluded)}`;
}
