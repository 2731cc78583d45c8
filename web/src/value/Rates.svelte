<script lang="ts">
  import { untrack } from 'svelte';
  import { router } from 'svelte-spa-router';
  import { answer, api, fileBody } from '../api/client';
  import type { PersonRate, RatePage, RatePreview, RateRow } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Downloads from '../common/Downloads.svelte';
  import { counted, day, money, peopleCounted } from '../common/format';
  import { latest } from '../common/latest';
  import Pager from '../common/Pager.svelte';
  import { Problem } from '../api/problem';
  import ProblemNote from '../common/ProblemNote.svelte';
  import type { FileReading } from '../common/reading.svelte';
  import { said } from '../common/said.svelte';
  import { soon } from '../common/soon';
  import TakeFile from '../common/TakeFile.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import RateOfPerson from './RateOfPerson.svelte';
  import { PER } from './rates';

  const PAGE = 100;
  const TYPING = 200;

  let found = $state.raw<RatePage | null>(null);
  let problem = $state<Problem | null>(null);
  let search = $state('');
  let page = $state(0);
  let without = $state(new URLSearchParams(router.querystring ?? '').has('without'));
  let opened = $state<RateRow | null>(null);
  let fileFrom = $state(asOf.day);
  let filePer = $state<PersonRate['per']>('HOUR');
  const ask = latest<RatePage>();

  const query = $derived({ asOf: asOf.day, search, without, page, size: PAGE });

  function fetch(wanted: typeof query) {
    ask(
      answer(api.GET('/api/pay-rates', { params: { query: wanted } })),
      (answered) => {
        found = answered;
        problem = null;
      },
      (thrown) => (problem = Problem.of(thrown)),
    );
  }

  $effect(() => {
    const wanted = query;
    return soon(() => fetch(wanted), untrack(() => found === null) ? 0 : TYPING);
  });

  const again = () => fetch(query);

  const otherwise = $derived({ on: fileFrom, per: filePer });

  function preview(file: File, reading: FileReading): Promise<RatePreview> {
    return answer(
      api.POST('/api/pay-rates/file/preview', {
        params: { query: otherwise },
        ...fileBody(file, { name: 'reading', value: reading.asked }),
      }),
    );
  }

  async function take(file: File, reading: FileReading, skip: number[]) {
    const result = await answer(
      api.POST('/api/pay-rates/file', {
        params: { query: { ...otherwise, skip } },
        ...fileBody(file, { name: 'reading', value: reading.asked }),
      }),
    );
    said.say(`${counted(result.rows, 'rate')} of ${peopleCounted(result.people)} are in.`);
    again();
  }
</script>

<div class="mb-3 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto">Pay rates</h1>
  <Downloads path="/api/pay-rates/table" query={{ asOf: asOf.day }} />
  <a class="btn" href="#/value">What leave is worth</a>
</div>
<p class="quiet mb-3 max-w-3xl">
  For the worth of leave alone; administrators alone see them. A rate holds from its day on until
  the next one.
</p>
<div class="grid gap-6 xl:grid-cols-[1fr_24rem]">
  <section>
    <div class="mb-2 flex flex-wrap items-center gap-3">
      <input
        class="input w-56"
        type="search"
        placeholder="Name, code or team"
        aria-label="Search"
        bind:value={search}
        oninput={() => (page = 0)}
      />
      <label class="flex items-center gap-1.5 text-sm">
        <input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={without}
          onchange={() => (page = 0)}
        />
        only without a rate{found ? ` (${found.without})` : ''}
      </label>
    </div>
    <ProblemNote {problem} />
    {#if found === null}
      {#if !problem}<Waiting what="Fetching pay rates" />{/if}
    {:else if found.total === 0}
      <p class="quiet">Nobody matches.</p>
    {:else}
      <div class="sheet max-h-[calc(100vh-15rem)] overflow-auto">
        <table class="figures" data-rates>
          <thead>
            <tr>
              <th>Person</th><th>Team</th>
              <th class="number">Rate</th><th>for</th><th>from</th>
            </tr>
          </thead>
          <tbody>
            {#each found.items as row (row.personId)}
              <tr>
                <td><button class="link" onclick={() => (opened = row)}>{row.person}</button></td>
                <td class="quiet">{row.team}</td>
                <td class="number">{row.amount === null ? 'none' : money(row.amount)}</td>
                <td>{row.per === null ? '' : PER[row.per]}</td>
                <td>{row.from === null ? '' : day(row.from)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <Pager total={found.total} size={PAGE} bind:page what="people" />
    {/if}
  </section>
  <section class="sheet self-start p-3">
    <h2 class="mb-1">Bring them in</h2>
    <p class="quiet">
      One row a person and day: whom by code, name or e-mail address, and the rate. Where a row says
      nothing else, it is
      <select class="select w-28 select-sm" aria-label="What a rate is for" bind:value={filePer}>
        {#each Object.entries(PER) as [key, words] (key)}<option value={key}>{words}</option>{/each}
      </select>
      from
      <DateField class="input w-36 input-sm" label="From when rates hold" bind:value={fileFrom} />
      on. The table here can be taken out, filled in and brought in again.
    </p>
    {#key `${fileFrom} ${filePer}`}
      <TakeFile kind="pay rates" {preview} {take} narrow />
    {/key}
  </section>
</div>
{#if opened}
  <RateOfPerson row={opened} close={() => (opened = null)} changed={again} />
{/if}
