import AlarmClockCheck from '@lucide/svelte/icons/alarm-clock-check';
import CalendarHeart from '@lucide/svelte/icons/calendar-heart';
import CalendarRange from '@lucide/svelte/icons/calendar-range';
import Clock4 from '@lucide/svelte/icons/clock-4';
import FileChartColumn from '@lucide/svelte/icons/file-chart-column';
import Inbox from '@lucide/svelte/icons/inbox';
import Mails from '@lucide/svelte/icons/mails';
import MessageSquareDot from '@lucide/svelte/icons/message-square-dot';
import NotebookPen from '@lucide/svelte/icons/notebook-pen';
import Scale from '@lucide/svelte/icons/scale';
import ScrollText from '@lucide/svelte/icons/scroll-text';
import Signpost from '@lucide/svelte/icons/signpost';
import Sprout from '@lucide/svelte/icons/sprout';
import UserRoundCheck from '@lucide/svelte/icons/user-round-check';
import UsersRound from '@lucide/svelte/icons/users-round';
import Wallet from '@lucide/svelte/icons/wallet';
import type { Permission, Session } from '../api/types';

export interface Place {
  path: string;
  name: string;
  icon: typeof Inbox;
}

/** Every place in the order of the work, and what somebody has to be allowed to for going there. */
const PLACES: (Place & { needs: Permission | 'EMPLOYMENT' | 'A_TEAM' | null })[] = [
  { path: '/', name: 'Lookout', icon: Signpost, needs: 'DECIDE_FOR_THE_ASSIGNED' },
  { path: '/requests', name: 'Requests', icon: Inbox, needs: 'DECIDE_FOR_THE_ASSIGNED' },
  { path: '/my-team', name: 'My team', icon: UserRoundCheck, needs: 'A_TEAM' },
  { path: '/calendar', name: 'Calendar', icon: CalendarRange, needs: null },
  { path: '/hours', name: 'Hours', icon: AlarmClockCheck, needs: 'DECIDE_FOR_THE_ASSIGNED' },
  { path: '/pay-runs', name: 'Pay runs', icon: Wallet, needs: 'RUN_PAYROLL' },
  { path: '/balances', name: 'Balances', icon: Scale, needs: 'DECIDE_FOR_THE_ASSIGNED' },
  { path: '/policies', name: 'Policies', icon: NotebookPen, needs: 'WRITE_POLICIES' },
  { path: '/people', name: 'People', icon: UsersRound, needs: 'KEEP_PEOPLE' },
  { path: '/holidays', name: 'Holidays', icon: CalendarHeart, needs: 'KEEP_HOLIDAYS' },
  { path: '/reports', name: 'Reports', icon: FileChartColumn, needs: 'READ_REPORTS' },
  { path: '/audit', name: 'Audit trail', icon: ScrollText, needs: 'READ_THE_TRAIL' },
  { path: '/my-time', name: 'My time', icon: Sprout, needs: 'EMPLOYMENT' },
  { path: '/my-hours', name: 'My hours', icon: Clock4, needs: 'EMPLOYMENT' },
  { path: '/notices', name: 'Notices', icon: MessageSquareDot, needs: 'EMPLOYMENT' },
  { path: '/mail', name: 'Mailbox', icon: Mails, needs: null },
];

/** Where somebody can go. */
export function placesOf({ permissions, personId }: Session): Place[] {
  return PLACES.filter(({ needs }) => {
    if (needs === null) return true;
    if (needs === 'A_TEAM')
      return personId !== null && permissions.includes('DECIDE_FOR_THE_ASSIGNED');
    return needs === 'EMPLOYMENT' ? personId !== null : permissions.includes(needs);
  });
}
