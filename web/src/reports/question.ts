import { read, written } from '../common/address';

/** What a report is asked about; days that are empty are those about which it is usually asked. */
export interface Asked {
  from: string;
  through: string;
  teamId: string;
  siteId: string;
  search: string;
  order: string;
}

export const USUAL: Asked = {
  from: '',
  through: '',
  teamId: '',
  siteId: '',
  search: '',
  order: '',
};

/** A question as it stands in an address, with its question mark; nothing for the usual one. */
export function addressOf(asked: Asked): string {
  const named = Object.entries({
    from: asked.from,
    through: asked.through,
    team: asked.teamId,
    site: asked.siteId,
    search: asked.search.trim(),
    order: asked.order,
  });
  return written(named.filter(([, value]) => value !== ''));
}

export function askedBy(query: string): Asked {
  const { from = '', through = '', team = '', site = '', search = '', order = '' } = read(query);
  return { from, through, teamId: team, siteId: site, search, order };
}

/** What the server is asked. */
export function queryOf(asked: Asked, usual: { from: string; through: string; ofOneDay: boolean }) {
  const through = asked.through || usual.through;
  return {
    from: usual.ofOneDay ? through : asked.from || usual.from,
    through,
    ...(asked.teamId && { teamId: Number(asked.teamId) }),
    ...(asked.siteId && { siteId: Number(asked.siteId) }),
    ...(asked.search.trim() && { search: asked.search.trim() }),
  };
}
