<script lang="ts">
  import Banknote from '@lucide/svelte/icons/banknote';
  import CalendarClock from '@lucide/svelte/icons/calendar-clock';
  import DatabaseBackup from '@lucide/svelte/icons/database-backup';
  import DoorOpen from '@lucide/svelte/icons/door-open';
  import FilePen from '@lucide/svelte/icons/file-pen';
  import Hourglass from '@lucide/svelte/icons/hourglass';
  import Inbox from '@lucide/svelte/icons/inbox';
  import Milestone from '@lucide/svelte/icons/milestone';
  import OctagonMinus from '@lucide/svelte/icons/octagon-minus';
  import Send from '@lucide/svelte/icons/send';
  import Timer from '@lucide/svelte/icons/timer';
  import UserX from '@lucide/svelte/icons/user-x';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { FirstStep, LookoutItem, LookoutView } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { daysBetween, weekdayAndDay } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import More from '../common/More.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { soon } from '../common/soon';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import FirstSteps from './FirstSteps.svelte';
  import Several from './Several.svelte';
  import OpenRequest from '../requests/OpenRequest.svelte';
  import { Work } from '../common/work.svelte';

  const RENEWED_AFTER = 1500;

  const AT_ONCE = 50;
  const MOST_AT_ONCE = 1000;

  let lookout = $state.raw<LookoutView | null>(null);
  const lines = $derived(lookout?.lines ?? null);
  const work = new Work();
  let request = $state<number | null>(null);
  let steps = $state<FirstStep[]>([]);

  async function load() {
    // whoever decides for nobody is on the way to their own page
    if (!session.may('DECIDE_FOR_THE_ASSIGNED')) return;
    await work.do(async () => {
      const seen = Math.min(MOST_AT_ONCE, Math.max(AT_ONCE, lines?.length ?? 0));
      lookout = await part(0, seen);
      work.problem = null;
    });
  }

  function part(page: number, size: number): Promise<LookoutView> {
    return answer(api.GET('/api/lookout', { params: { query: { page, size } } }));
  }

  async function more() {
    if (work.busy || lookout === null) return;
    const before = lookout;
    await work.do(async () => {
      const next = await part(Math.floor(before.lines.length / AT_ONCE), AT_ONCE);
      // unless it was fetched anew meanwhile
      if (lookout === before) lookout = { ...next, lines: [...before.lines, ...next.lines] };
    });
  }

  $effect(() => {
    untrack(() => void load());
    if (session.may('RUN_PAYROLL')) {
      answer(api.GET('/api/lookout/first-steps')).then((loaded) => (steps = loaded));
    }
  });

  $effect(() => (lookout?.beingRenewed ? soon(load, RENEWED_AFTER) : undefined));

  const groups: { urgency: LookoutItem['urgency']; title: string }[] = [
    { urgency: 'NOW', title: 'Now' },
    { urgency: 'BEFORE_THE_RUN_CLOSES', title: 'Before this run closes' },
    { urgency: 'FURTHER_AHEAD', title: 'Further ahead' },
  ];

  const icons = {
    REQUEST: Inbox,
    RUN: Banknote,
    HOURS: Timer,
    PAYROLL: Send,
    WITHHELD: OctagonMinus,
    LAPSE: Hourglass,
    WAIT_ENDS: CalendarClock,
    TENURE: Milestone,
    LEAVER: DoorOpen,
    DRAFT: FilePen,
    NO_APPROVER: UserX,
    BACKUP: DatabaseBackup,
  };

  function away(item: LookoutItem): string {
    const days = daysBetween(session.current.today, item.by);
    if (days < 0) {
      return days === -1 ? 'yesterday' : `${-days} days ago`;
    }
    return days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`;
  }

  function link(item: LookoutItem): string {
    if (item.kind === 'NO_APPROVER') {
      return '#/people?without-approver';
    }
    if (item.kind === 'BACKUP') {
      return '#/running';
    }
    if (item.runId !== null) {
      return `#/pay-runs/${item.runId}`;
    }
    if (item.personId !== null && item.policyId !== null) {
      return `#/balances/${item.personId}/${item.policyId}`;
    }
    return item.personId !== null ? `#/people/${item.personId}` : `#/policies/${item.policyId}`;
  }
</script>

<div class="flex flex-wrap items-baseline gap-x-4">
  <h1>Lookout</h1>
  {#if lookout?.beingRenewed}
    <span class="quiet" role="status">Something changed; what is ahead is worked out anew.</span>
  {/if}
  <a class="ml-auto underline" href="#/ahead">What is ahead for everybody</a>
</div>
{#if steps.length > 0}<div class="mt-3"><FirstSteps {steps} /></div>{/if}
<ProblemNote problem={work.problem} />
{#if lines === null && !work.problem}
  <Waiting what="Looking ahead" />
{:else if lookout && lines}
  {#if lines.length === 0 && steps.length === 0}
    <Empty><p>Nothing needs you. That is the goal of the day.</p></Empty>
  {/if}
  <div use:listKeys class="max-w-5xl">
    {#each groups as group (group.urgency)}
      {@const inGroup = lines.filter((line) => line.first.urgency === group.urgency)}
      {#if inGroup.length > 0}
        <section class="mt-5">
          <h2 class="mb-1 flex items-baseline gap-2">
            {group.title}
            <span class="quiet text-sm font-normal">{lookout.counts[group.urgency]}</span>
          </h2>
          <ul class="sheet divide-y divide-base-300">
            {#each inGroup as line, index (index)}
              {#if line.people > 1}
                <li class="px-3 py-2"><Several {line} {icon} {what} {when} /></li>
              {:else}
                <li class="grid grid-cols-[1.5rem_1fr_auto] items-start gap-x-3 px-3 py-2">
                  {@render icon(line.first)}
                  <div>{@render what(line.first)}</div>
                  {@render when(line.first)}
                </li>
              {/if}
            {/each}
          </ul>
        </section>
      {/if}
    {/each}
    <More left={lookout.total - lines.length} more={() => void more()} />
  </div>
{/if}

{#snippet icon(item: LookoutItem)}
  {@const Icon = icons[item.kind]}
  <Icon size={18} class="mt-0.5" aria-hidden="true" />
{/snippet}

{#snippet what(item: LookoutItem)}
  {#if item.requestId !== null}
    <button
      data-row
      class="text-left font-semibold underline decoration-base-content/40 hover:decoration-2"
      onclick={() => (request = item.requestId)}>{item.what}</button
    >
  {:else}
    <a
      data-row
      class="font-semibold underline decoration-base-content/40 hover:decoration-2"
      href={link(item)}>{item.what}</a
    >
  {/if}
  <p class="quiet">{item.why}</p>
{/snippet}

{#snippet when(item: LookoutItem)}
  <p class="text-right text-sm">
    {weekdayAndDay(item.by)}<br /><span class="quiet">{away(item)}</span>
  </p>
{/snippet}

{#if request !== null}
  <SidePanel title="Request" close={() => (request = null)}>
    <OpenRequest
      id={request}
      decided={() => {
        request = null;
        void load();
      }}
    />
  </SidePanel>
{/if}
