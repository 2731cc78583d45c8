import CalendarHeart from '@lucide/svelte/icons/calendar-heart';
import Inbox from '@lucide/svelte/icons/inbox';
import Mails from '@lucide/svelte/icons/mails';
import NotebookPen from '@lucide/svelte/icons/notebook-pen';
import Scale from '@lucide/svelte/icons/scale';
import ScrollText from '@lucide/svelte/icons/scroll-text';
import Signpost from '@lucide/svelte/icons/signpost';
import Sprout from '@lucide/svelte/icons/sprout';
import UsersRound from '@lucide/svelte/icons/users-round';
import Wallet from '@lucide/svelte/icons/wallet';
import type { Session } from '../api/types';

export interface Place {
  path: string;
  name: string;
  icon: typeof Inbox;
}

const LOOKOUT: Place = { path: '/', name: 'Lookout', icon: Signpost };
const REQUESTS: Place = { path: '/requests', name: 'Requests', icon: Inbox };
const BALANCES: Place = { path: '/balances', name: 'Balances', icon: Scale };
const MY_TIME: Place = { path: '/my-time', name: 'My time', icon: Sprout };
const MAIL: Place = { path: '/mail', name: 'Mailbox', icon: Mails };

const ADMINISTRATOR: Place[] = [
  LOOKOUT,
  REQUESTS,
  { path: '/pay-runs', name: 'Pay runs', icon: Wallet },
  BALANCES,
  { path: '/policies', name: 'Policies', icon: NotebookPen },
  { path: '/people', name: 'People', icon: UsersRound },
  { path: '/holidays', name: 'Holidays', icon: CalendarHeart },
  { path: '/audit', name: 'Audit trail', icon: ScrollText },
];

/** Where somebody can go, in the order of the work. */
export function placesOf(session: Session): Place[] {
  const own = session.personId === null ? [] : [MY_TIME];
  switch (session.role) {
    case 'ADMINISTRATOR':
      return [...ADMINISTRATOR, ...own, MAIL];
    case 'APPROVER':
      return [LOOKOUT, REQUESTS, BALANCES, ...own, MAIL];
    default:
      return [...own, MAIL];
  }
}
