<script lang="ts">
  import { answer, api } from '../api/client';
  import type { InboxPage } from '../api/types';
  import { day, dayAndTime } from '../common/format';
  import { latest } from '../common/latest';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Problem } from '../api/problem';
  import { Work } from '../common/work.svelte';

  const SIZE = 50;
  const BEHAVIOURS: [InboxPage['behaviour'], string][] = [
    ['ANSWERS', 'takes rows and answers'],
    ['LOSES_ANSWERS', 'takes rows, and its answers get lost'],
    ['TALKS_NONSENSE', 'takes rows, and answers nonsense'],
    ['IS_SILENT', 'takes nothing and does not answer'],
  ];

  let inbox = $state<InboxPage | null>(null);
  let search = $state('');
  let page = $state(0);
  let codes = $state('');
  const work = new Work();
  const answers = latest<InboxPage>();

  function load() {
    const query = { search, page, size: SIZE };
    answers(
      answer(api.GET('/api/payroll-inbox', { params: { query } })),
      (rows) => {
        if (inbox === null) codes = rows.unknownCodes.join(', ');
        inbox = rows;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  }

  $effect(load);

  async function behave(behaviour: InboxPage['behaviour']) {
    const unknownCodes = codes
      .split(/[,;\s]+/)
      .map((code) => code.trim())
      .filter(Boolean);
    const done = await work.do(async () => {
      await answer(api.PUT('/api/payroll-inbox/behaviour', { body: { behaviour, unknownCodes } }));
      said.say('From now on it behaves so.');
    });
    if (done) load();
  }
</script>

<p class="mb-1"><a class="underline" href="#/pay-runs">Pay runs</a></p>
<h1 class="mb-1">Payroll’s inbox</h1>
<p class="quiet mb-4 max-w-3xl">
  A stand-in for a payroll program, for trying out what is delivered and what happens when payroll
  refuses rows or cannot be reached.
</p>
<ProblemNote problem={work.problem} />
{#if inbox}
  <form
    class="sheet mb-5 flex flex-wrap items-end gap-4 p-3"
    onsubmit={(event) => {
      event.preventDefault();
      void behave(inbox!.behaviour);
    }}
  >
    <label>
      <span class="block font-semibold">It</span>
      <select class="select w-80" name="behaviour" bind:value={inbox.behaviour}>
        {#each BEHAVIOURS as [value, text] (value)}<option {value}>{text}</option>{/each}
      </select>
    </label>
    <label>
      <span class="block font-semibold">Codes it does not know</span>
      <input class="input w-64" name="unknown-codes" placeholder="OVT, TRN" bind:value={codes} />
    </label>
    <button class="btn" disabled={work.busy}>Behave so</button>
  </form>
  <div class="mb-2 flex items-end justify-between gap-3">
    <h2>What it has taken</h2>
    <input
      class="input w-64"
      type="search"
      placeholder="Person or code"
      aria-label="Search the inbox"
      value={search}
      oninput={(event) => {
        search = event.currentTarget.value;
        page = 0;
      }}
    />
  </div>
  <table class="figures">
    <thead>
      <tr>
        <th>Taken</th><th>Person</th><th>Code</th><th>What</th><th class="number">Amount</th><th
          >Unit</th
        ><th>From</th><th>To</th><th>Entry</th>
      </tr>
    </thead>
    <tbody>
      {#each inbox.items as row (row.row)}
        <tr data-person={row.name}>
          <td class="whitespace-nowrap">{dayAndTime(row.takenAt)}</td>
          <td>{row.name}</td>
          <td>{row.code}</td>
          <td>{row.what}</td>
          <td class="number">{row.amount.replace('-', '−')}</td>
          <td class="quiet">{row.unit}</td>
          <td>{day(row.from)}</td>
          <td>{day(row.to)}</td>
          <td>{row.entry}</td>
        </tr>
      {:else}
        <tr><td colspan="9" class="quiet">Nothing was delivered yet, or nothing matches.</td></tr>
      {/each}
    </tbody>
  </table>
  <Pager total={inbox.total} size={SIZE} bind:page what="rows" />
{/if}
