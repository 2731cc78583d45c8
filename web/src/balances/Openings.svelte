<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { router } from 'svelte-spa-router';
  import { answer, api, fileBody } from '../api/client';
  import { Problem } from '../api/problem';
  import type { OpeningCheck, OpeningLine, OpeningRow, Policy } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { saveCsv } from '../common/csv';
  import ColumnsRead from '../common/ColumnsRead.svelte';
  import Empty from '../common/Empty.svelte';
  import FileOrPaste from '../common/FileOrPaste.svelte';
  import { kept } from '../common/kept';
  import { counted, day, unitName, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { type FileRead, FileReading } from '../common/reading.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import { figure } from '../people/employment';

  const FIGURES = ['balance', 'earnedThisYear', 'usedThisYear', 'hoursTowardNextStep'] as const;
  type Figures = Record<(typeof FIGURES)[number], string>;
  interface Typed {
    line: OpeningLine;
    policyId: number;
    on: string;
    figures: Figures;
  }

  const NOT_SET = kept<Record<string, { on: string; figures: Figures }>>('opening balances');

  const how = new FileReading('opening balances');

  const asked = new URLSearchParams(router.querystring ?? '').get('policy');

  let policies = $state<Policy[] | null>(null);
  let policyId = $state<number | null>(asked === null ? null : Number(asked));
  let on = $state(session.current.today);
  let typed = $state<Typed[] | null>(null);
  let unread = $state<{ line: number; text: string; fault: string }[]>([]);
  let check = $state<OpeningCheck | null>(null);
  let checked = $state<Typed[]>([]);
  let reason = $state('');
  let problem = $state<Problem | null>(null);
  let busy = $state(false);
  let chosen = $state<File | null>(null);
  let found = $state<FileRead | null>(null);

  $effect(() => {
    answer(api.GET('/api/policies')).then(
      (loaded) => {
        policies = loaded.filter((each) => each.people > 0);
        policyId ??= policies[0]?.id ?? null;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  function key(each: Typed): string {
    return `${each.policyId}/${each.line.personId}`;
  }

  function figuresOf(line: OpeningLine): Figures {
    return Object.fromEntries(FIGURES.map((name) => [name, line[name] ?? ''])) as Figures;
  }

  function isTyped(each: Typed): boolean {
    return FIGURES.some((name) => each.figures[name] !== (each.line[name] ?? ''));
  }

  /** Keeps what is typed here beside what was typed for other policies. */
  function keep() {
    const all = NOT_SET.recall() ?? {};
    for (const each of typed ?? []) {
      if (isTyped(each)) all[key(each)] = { on: each.on, figures: $state.snapshot(each.figures) };
      else delete all[key(each)];
    }
    if (Object.keys(all).length > 0) NOT_SET.keep(all);
    else NOT_SET.forget();
  }

  function restore(each: Typed): Typed {
    return { ...each, ...NOT_SET.recall()?.[key(each)] };
  }

  const typedHere = $derived((typed ?? []).filter(isTyped).length);

  function clear() {
    typed?.forEach((each) => (each.figures = figuresOf(each.line)));
    keep();
    if (policyId !== null) void load(policyId);
  }

  async function load(id: number) {
    try {
      const lines = await answer(
        api.GET('/api/openings/{policyId}', { params: { path: { policyId: id } } }),
      );
      const untyped = lines.map((line) => ({
        line,
        policyId: id,
        on: line.on ?? on,
        figures: figuresOf(line),
      }));
      typed = untyped.map(restore);
      check = null;
      unread = [];
      found = null;
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }

  $effect(() => {
    if (policyId !== null) void load(policyId);
  });

  const policy = $derived(policies?.find((each) => each.id === policyId));

  /** Rows in which something is typed, on the common day unless they have one of their own. */
  const filled = $derived((typed ?? []).filter((each) => each.figures.balance.trim() !== ''));

  function row(each: Typed): OpeningRow {
    return {
      personId: each.line.personId,
      policyId: each.policyId,
      on: each.on,
      balance: figure(each.figures.balance),
      earnedThisYear: figure(each.figures.earnedThisYear),
      usedThisYear: figure(each.figures.usedThisYear),
      hoursTowardNextStep: figure(each.figures.hoursTowardNextStep),
    };
  }

  function noNumber(each: Typed): boolean {
    return FIGURES.some((name) => !/^-?\d+(\.\d+)?$/.test(figure(each.figures[name])));
  }

  function changeDay(day: string) {
    typed?.filter((each) => each.line.on === null).forEach((each) => (each.on = day));
    keep();
    on = day;
    check = null;
  }

  async function look() {
    const wrong = filled.find(noNumber);
    if (wrong) {
      problem = new Problem(`Please give the figures of ${wrong.line.person} as numbers.`);
      return;
    }
    busy = true;
    problem = null;
    try {
      check = await answer(
        api.POST('/api/openings/check', { body: { rows: filled.map(row), reason: null } }),
      );
      checked = [...filled];
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }

  async function set() {
    busy = true;
    problem = null;
    try {
      const done = await answer(
        api.POST('/api/openings', { body: { rows: checked.map(row), reason: reason || null } }),
      );
      const kept = done.rows.filter((each) => each.state !== 'SAME').length;
      said.say(`${counted(kept, 'opening balance')} set.`);
      reason = '';
      checked.forEach((each) => (each.line = { ...each.line, ...$state.snapshot(each.figures) }));
      keep();
      if (policyId !== null) await load(policyId);
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }

  /** Fills the grid from a file; a file of several policies is shown as one list. */
  async function read(file: File) {
    busy = true;
    problem = null;
    chosen = file;
    try {
      const answered = await answer(
        api.POST('/api/openings/file', {
          params: { query: { on, ...(policyId === null ? {} : { policyId }) } },
          ...fileBody(file, { name: 'reading', value: how.asked }),
        }),
      );
      found = answered;
      if (how.isForgottenBy(answered)) {
        await read(file);
        return;
      }
      const { rows } = answered;
      unread = rows
        .filter((each) => each.row === null)
        .map((each) => ({ line: each.line, text: each.text, fault: each.fault }));
      const good = rows.flatMap((each) => (each.row === null ? [] : [each.row]));
      const lines = await linesOf([...new Set(good.map((each) => each.policyId))]);
      typed = good.map((each) => ({
        line: lines[`${each.policyId}/${each.personId}`] ?? {
          personId: each.personId,
          code: '',
          person: `Person ${each.personId}`,
          team: 'not enrolled',
          on: null,
          balance: null,
          earnedThisYear: null,
          usedThisYear: null,
          hoursTowardNextStep: null,
        },
        policyId: each.policyId,
        on: each.on,
        figures: {
          balance: each.balance,
          earnedThisYear: each.earnedThisYear,
          usedThisYear: each.usedThisYear,
          hoursTowardNextStep: each.hoursTowardNextStep,
        },
      }));
      keep();
      if (typed.length > 0) await look();
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }

  async function linesOf(ids: number[]) {
    const all: Record<string, OpeningLine> = {};
    for (const id of ids) {
      const lines = await answer(
        api.GET('/api/openings/{policyId}', { params: { path: { policyId: id } } }),
      );
      lines.forEach((line) => (all[`${id}/${line.personId}`] = line));
    }
    return all;
  }

  function download() {
    saveCsv('opening-balances', [
      ['code', 'name', 'policy', 'as of', 'balance', 'earned', 'used', 'hours toward'],
      ...(typed ?? []).map((each) => [
        each.line.code,
        each.line.person,
        policies?.find((one) => one.id === each.policyId)?.name ?? '',
        each.on,
        ...FIGURES.map((name) => each.figures[name]),
      ]),
    ]);
  }

  function stateOf(each: Typed): OpeningCheck['rows'][number] | undefined {
    return check?.rows[checked.indexOf(each)];
  }

  const wrong = $derived(check?.rows.filter((each) => each.state === 'WRONG').length ?? 0);
  const changes = $derived(check?.rows.filter((each) => each.state === 'CHANGED').length ?? 0);
  const news = $derived(check?.rows.filter((each) => each.state === 'NEW').length ?? 0);
  const severalPolicies = $derived(new Set(typed?.map((each) => each.policyId)).size > 1);

  function policyName(id: number): string {
    return policies?.find((one) => one.id === id)?.name ?? '';
  }

  const byHours = $derived(
    policy?.versions.some((each) => each.terms.earning.method === 'PER_HOURS_WORKED') ?? false,
  );
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>Opening balances</h1>
  {#if typed && typed.length > 0}
    <button class="underline" onclick={download}>Download as a file to fill in</button>
  {/if}
</div>
<p class="quiet mb-4 max-w-3xl">
  What people bring along from before: the balance at the start of a day, and what was earned and
  used so far in that benefit year, so that yearly limits count on from there.
</p>
{#if policies === null}
  {#if !problem}<Waiting what="Fetching the policies" />{/if}
{:else if policies.length === 0}
  <Empty><p>Nobody is enrolled in a policy yet. Put a policy in force first.</p></Empty>
{:else}
  <div class="mb-4 flex flex-wrap items-end gap-4">
    <label>
      <span class="block text-sm font-semibold">Policy</span>
      <select class="select w-56" name="policy" bind:value={policyId}>
        {#each policies as each (each.id)}<option value={each.id}>{each.name}</option>{/each}
      </select>
    </label>
    <label>
      <span class="block text-sm font-semibold">At the start of</span>
      <DateField class="input w-44" name="on" value={on} onchange={(day) => changeDay(day)} />
    </label>
  </div>
  <details class="mb-4">
    <summary class="cursor-pointer font-semibold">From a file or a spreadsheet</summary>
    <p class="quiet my-2">
      One row a person and policy: the person by code, name or e-mail address, and the balance;
      policy, as of, earned, used and hours toward where you have them.
    </p>
    <FileOrPaste chosen={read} what="opening balances" />
    {#if found}
      <p class="quiet mt-2">Read as {found.encoding}.</p>
      <ColumnsRead
        read={found}
        reading={how}
        again={() => {
          if (chosen) void read(chosen);
        }}
      />
    {/if}
  </details>
  {#if unread.length > 0}
    <ul class="mb-3 max-h-40 overflow-y-auto" data-unread>
      {#each unread as each (each.line)}
        <li class="border-l-4 border-error pl-2">
          Line {each.line}: {each.fault} <span class="quiet text-sm">({each.text})</span>
        </li>
      {/each}
    </ul>
  {/if}
  {#if typed === null}
    <Waiting what="Fetching the people" />
  {:else}
    <div class="max-h-[30rem] max-w-5xl overflow-auto">
      <table class="figures">
        <thead>
          <tr>
            <th>Person</th>
            {#if severalPolicies}<th>Policy</th>{/if}
            <th>As of</th>
            <th class="number">Balance</th>
            <th class="number">Earned this year</th>
            <th class="number">Used this year</th>
            {#if byHours}<th class="number">Hours toward the next step</th>{/if}
            <th></th>
          </tr>
        </thead>
        <tbody>
          {#each typed as each (`${each.policyId}/${each.line.personId}`)}
            {@const state = stateOf(each)}
            <tr>
              <td>
                {each.line.person}
                <span class="quiet text-sm">{each.line.code} {each.line.team}</span>
              </td>
              {#if severalPolicies}<td>{policyName(each.policyId)}</td>{/if}
              <td class="whitespace-nowrap">{day(each.on)}</td>
              {#each FIGURES.slice(0, byHours ? 4 : 3) as name (name)}
                <td class="number">
                  <input
                    class="w-24 border-b border-base-content/40 bg-transparent text-right"
                    inputmode="decimal"
                    aria-label={`${name} of ${each.line.person}`}
                    bind:value={each.figures[name]}
                    oninput={() => {
                      check = null;
                      keep();
                    }}
                  />
                </td>
              {/each}
              <td class={state?.state === 'WRONG' ? 'text-error' : undefined}>
                {#if state}
                  {words(state.state)}{state.says.length > 0 ? `: ${state.says.join('; ')}` : ''}
                {/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <div class="mt-4 space-y-3">
      <ProblemNote {problem} besides={['reason']} />
      {#if check === null}
        <button class="btn btn-primary" disabled={busy || filled.length === 0} onclick={look}
          >Check {filled.length} and see their sums</button
        >
        {#if typedHere > 0}
          <span class="quiet ml-2">{typedHere} typed here and not set yet.</span>
          <button class="underline" onclick={clear}>Forget these</button>
        {/if}
      {:else}
        <table class="figures max-w-3xl" data-sums>
          <thead>
            <tr>
              <th>To compare with the totals of before</th>
              <th class="number">People</th>
              <th class="number">Balance</th>
              <th class="number">Earned</th>
              <th class="number">Used</th>
            </tr>
          </thead>
          <tbody>
            {#each check.sums as sum (sum.policy)}
              <tr>
                <td>{sum.policy}, {unitName(sum.unit)}</td>
                <td class="number">{sum.people}</td>
                <td class="number"><Amount value={sum.balance} /></td>
                <td class="number"><Amount value={sum.earnedThisYear} /></td>
                <td class="number"><Amount value={sum.usedThisYear} /></td>
              </tr>
            {/each}
          </tbody>
        </table>
        {#if changes > 0}
          <label class="block">
            <span class="font-semibold">Why {changes} that are there already change</span>
            <input class="input block w-full max-w-xl" name="reason" bind:value={reason} />
            {#if problem?.isAt('reason')}<span role="alert" class="text-error"
                >{problem.message}</span
              >{/if}
          </label>
        {/if}
        <button
          class="btn btn-primary"
          disabled={busy || wrong > 0 || unread.length > 0 || news + changes === 0}
          onclick={set}>Set {counted(news + changes, 'opening balance')}</button
        >
        {#if wrong + unread.length > 0}
          <span class="ml-2"
            >{wrong + unread.length} cannot be taken. Nothing is set until they are mended.</span
          >
        {:else if news + changes === 0}
          <span class="quiet ml-2">They are as they stand here; nothing would change.</span>
        {/if}
      {/if}
    </div>
  {/if}
{/if}
