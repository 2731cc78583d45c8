import { answer, api } from '../api/client';
import type { OpeningLine, OpeningPage, OpeningRow } from '../api/types';
import { keyOf } from './opening';

/** How many are fetched at once. */
export const AT_ONCE = 150;

/** Some of those in a policy who are looked for. */
export function pageOf(policyId: number, search: string, page: number): Promise<OpeningPage> {
  const query = { search, page, size: AT_ONCE };
  return answer(api.GET('/api/openings/{policyId}', { params: { path: { policyId }, query } }));
}

/** Those of some people, as far as they are in the policy. */
export async function linesOf(policyId: number, personIds: number[]): Promise<OpeningLine[]> {
  if (personIds.length === 0) return [];
  return answer(
    api.POST('/api/openings/{policyId}/lines', {
      params: { path: { policyId } },
      body: { personIds },
    }),
  );
}

/** Those of the rows of a file, which may be about several policies. */
export async function linesOfRows(rows: OpeningRow[]): Promise<Record<string, OpeningLine>> {
  const all: Record<string, OpeningLine> = {};
  const policyIds = rows.map((each) => each.policyId);
  for (const policyId of policyIds.filter((id, at) => policyIds.indexOf(id) === at)) {
    const own = rows.filter((each) => each.policyId === policyId);
    const people = own.map((each) => each.personId);
    for (const line of await linesOf(policyId, people)) all[keyOf({ policyId, line })] = line;
  }
  return all;
}
