import Ahead from '../ahead/Ahead.svelte';
import Balance from '../balances/Balance.svelte';
import Audit from '../audit/Audit.svelte';
import Openings from '../balances/Openings.svelte';
import AdjustMany from '../balances/AdjustMany.svelte';
import Balances from '../balances/Balances.svelte';
import HeldAgainst from '../balances/HeldAgainst.svelte';
import Holidays from '../holidays/Holidays.svelte';
import Hours from '../hours/Hours.svelte';
import PunchFile from '../hours/PunchFile.svelte';
import Rules from '../hours/Rules.svelte';
import Terminals from '../hours/Terminals.svelte';
import TimeCard from '../hours/TimeCard.svelte';
import Lookout from '../lookout/Lookout.svelte';
import Mailbox from '../mail/Mailbox.svelte';
import MyTime from '../mytime/MyTime.svelte';
import MyYear from '../mytime/MyYear.svelte';
import OwnTerms from '../mytime/OwnTerms.svelte';
import Statements from '../mytime/Statements.svelte';
import MyTeam from '../myteam/MyTeam.svelte';
import OwnRequest from '../mytime/OwnRequest.svelte';
import Inbox from '../payruns/Inbox.svelte';
import Layout from '../payruns/Layout.svelte';
import Compare from '../payruns/Compare.svelte';
import PayRun from '../payruns/PayRun.svelte';
import Proof from '../payruns/Proof.svelte';
import PayRuns from '../payruns/PayRuns.svelte';
import AddPerson from '../people/AddPerson.svelte';
import ImportPeople from '../people/ImportPeople.svelte';
import NamesOfLeavers from '../people/NamesOfLeavers.svelte';
import Organisation from '../people/Organisation.svelte';
import People from '../people/People.svelte';
import Person from '../people/Person.svelte';
import NewPolicy from '../policies/NewPolicy.svelte';
import Policies from '../policies/Policies.svelte';
import PolicyPage from '../policies/PolicyPage.svelte';
import Reports from '../reports/Reports.svelte';
import Calendar from '../calendar/Calendar.svelte';
import Notices from '../notices/Notices.svelte';
import LeaveFile from '../requests/LeaveFile.svelte';
import Requests from '../requests/Requests.svelte';
import Programs from '../programs/Programs.svelte';
import WaysIn from '../people/WaysIn.svelte';
import Running from '../running/Running.svelte';
import Rates from '../value/Rates.svelte';
import Value from '../value/Value.svelte';
import YearEnd from '../yearend/YearEnd.svelte';
import NotFound from './NotFound.svelte';

export const routes = {
  '/': Lookout,
  '/my-time': MyTime,
  '/my-time/year': MyYear,
  '/my-time/terms': OwnTerms,
  '/my-time/statements': Statements,
  '/my-time/requests/:id': OwnRequest,
  '/my-time/:personId/:policyId': Balance,
  '/my-team': MyTeam,
  '/calendar': Calendar,
  '/notices': Notices,
  '/requests': Requests,
  '/requests/file': LeaveFile,
  '/requests/:id': Requests,
  '/hours': Hours,
  '/hours/file': PunchFile,
  '/hours/terminals': Terminals,
  '/hours/rules': Rules,
  '/hours/:id': TimeCard,
  '/my-hours': TimeCard,
  '/pay-runs': PayRuns,
  '/pay-runs/:id': PayRun,
  '/pay-runs/:id/compare': Compare,
  '/pay-runs/:id/layout': Layout,
  '/payroll-inbox': Inbox,
  '/proof': Proof,
  '/ahead': Ahead,
  '/balances': Balances,
  '/balances/openings': Openings,
  '/balances/adjust': AdjustMany,
  '/balances/held-against': HeldAgainst,
  '/balances/:personId/:policyId': Balance,
  '/policies': Policies,
  '/policies/new': NewPolicy,
  '/policies/:id': PolicyPage,
  '/people': People,
  '/people/new': AddPerson,
  '/people/import': ImportPeople,
  '/people/organisation': Organisation,
  '/people/names': NamesOfLeavers,
  '/people/:id': Person,
  '/holidays': Holidays,
  '/reports': Reports,
  '/reports/:name': Reports,
  '/value': Value,
  '/value/rates': Rates,
  '/year-end': YearEnd,
  '/programs': Programs,
  '/ways-in': WaysIn,
  '/running': Running,
  '/audit': Audit,
  '/mail': Mailbox,
  '*': NotFound,
};
