<script lang="ts">
  import { soon } from '../common/soon';
  import { router } from 'svelte-spa-router';
  import { read } from '../common/address';
  import { isPositive } from '../common/decimal';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AheadView, AskableKind, BalanceRow, RequestSummary } from '../api/types';
  import AheadList from '../balances/AheadList.svelte';
  import Empty from '../common/Empty.svelte';
  import { amount, daysBetween, longDay, plusDays, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import RequestTable from '../requests/RequestTable.svelte';
  import Compose from './Compose.svelte';
  import { Work } from '../common/work.svelte';

  const personId = $derived(session.current.personId!);
  const today = $derived(session.current.today);

  let ahead = $state(0);
  let balances = $state<BalanceRow[] | null>(null);
  let upcoming = $state<AheadView[]>([]);
  let requests = $state<RequestSummary[]>([]);
  let policyId = $state<number | null>(null);
  const work = new Work();
  let kinds = $state<AskableKind[]>([]);

  const on = $derived(plusDays(today, ahead));

  $effect(() => {
    const query = { asOf: on };
    const path = { personId };
    return soon(() => {
      answer(api.GET('/api/people/{personId}/balances', { params: { path, query } })).then(
        (loaded) => {
          balances = loaded.items;
        },
        (thrown) => (work.problem = Problem.of(thrown)),
      );
    }, 60);
  });

  /** Brings up the days, with a kind chosen that can be asked for. */
  function ask(wanted: number): (() => void) | null {
    if (!kinds.some((kind) => kind.policyId === wanted)) return null;
    return () => {
      policyId = wanted;
      document.querySelector('[data-compose]')?.scrollIntoView({ block: 'start' });
    };
  }

  $effect(() => {
    const query = { asOf: today };
    answer(api.GET('/api/people/{personId}/ahead', { params: { path: { personId }, query } })).then(
      (items) => (upcoming = items),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  $effect(() => {
    const path = { personId };
    answer(api.GET('/api/people/{personId}/kinds-of-leave', { params: { path } })).then(
      (loaded) => {
        kinds = loaded;
        policyId ??= loaded.find((kind) => kind.usual)?.policyId ?? null;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function loadRequests() {
    requests = await answer(
      api.GET('/api/people/{personId}/requests', { params: { path: { personId } } }),
    );
  }

  $effect(() => {
    void loadRequests();
  });

  async function withdraw(request: RequestSummary) {
    await work.do(async () => {
      await answer(
        api.POST('/api/requests/{id}/withdrawal', {
          params: { path: { id: request.id } },
          body: { seenEdits: request.edits },
        }),
      );
      said.say('Withdrawn. Your approver no longer sees it as waiting.');
      work.problem = null;
    });
    await loadRequests();
  }

  function remark(row: BalanceRow): string {
    const booked = isPositive(row.booked) ? `${amount(row.booked)} booked later this year` : '';
    return row.upAhead || booked;
  }
</script>

<div class="flex flex-wrap items-baseline justify-between gap-x-5">
  <h1>My time</h1>
  <p class="flex gap-5">
    <a class="underline" href="#/my-time/year">My year</a>
    <a class="underline" href="#/my-time/terms">My terms</a>
    <a class="underline" href="#/my-time/statements">My statements</a>
  </p>
</div>
<ProblemNote problem={work.problem} />
{#if balances === null}
  <Waiting what="Working out your time" />
{:else if balances.length === 0}
  <Empty><p>You are not enrolled in any policy yet. Payroll will tell you when you are.</p></Empty>
{:else}
  <label class="mt-2 flex flex-wrap items-center gap-x-4">
    <span class={['w-72 font-semibold', ahead > 0 && 'text-primary']}>
      {ahead === 0 ? `Today, ${longDay(on)}` : `On ${longDay(on)}, forecast`}
    </span>
    <input
      type="range"
      class="range grow range-primary range-xs lg:max-w-2xl"
      min="0"
      max={daysBetween(today, plusDays(today, 365))}
      aria-label="Look ahead"
      aria-valuetext={longDay(on)}
      bind:value={ahead}
    />
    <button class="underline disabled:opacity-50" disabled={ahead === 0} onclick={() => (ahead = 0)}
      >Today</button
    >
  </label>

  <ul class="mt-3 flex flex-wrap gap-4">
    {#each balances as row (row.policyId)}
      <li
        class={[
          'sheet w-full border-t-4 px-4 py-3 sm:w-60',
          ahead > 0 ? 'border-t-primary border-dashed' : 'border-t-secondary dark:border-t-info',
        ]}
      >
        <p class="font-semibold">{row.policy}</p>
        <p
          class="text-4xl leading-tight font-semibold"
          title={row.balance}
          data-balance={row.policy}
        >
          {amount(row.balance)}
          <span class="text-base font-normal">{unitName(row.unit)}</span>
        </p>
        <p class="quiet text-sm" title={`${row.available} available on that day alone`}>
          {row.askable === row.balance
            ? 'all of it can be asked for'
            : `${amount(row.askable)} can be asked for`} that day
        </p>
        <p class="quiet min-h-5 text-sm">{remark(row)}</p>
        <a class="text-sm underline" href={`#/my-time/${personId}/${row.policyId}`}
          >How it comes about</a
        >
      </li>
    {/each}
  </ul>

  {#if kinds.length > 0}
    {#key router.querystring}
      <Compose
        {personId}
        {kinds}
        bind:policyId
        sent={loadRequests}
        from={read(router.querystring ?? '')}
      />
    {/key}
  {/if}

  {#if upcoming.length > 0}
    <h2 class="mt-8 mb-1 text-primary">What is up ahead</h2>
    <AheadList items={upcoming} {ask} />
  {/if}

  <h2 class="mt-8 mb-1">My requests</h2>
  {#if requests.length === 0}
    <Empty><p>Nothing asked for yet. Mark days above to ask for time off.</p></Empty>
  {:else}
    <RequestTable {requests} {withdraw} />
  {/if}
{/if}
