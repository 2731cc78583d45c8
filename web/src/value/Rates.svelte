<script lang="ts">
  import { router } from 'svelte-spa-router';
  import { answer, api, fileBody } from '../api/client';
  import type { PersonRate, RatePreview, RateRow } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Downloads from '../common/Downloads.svelte';
  import { counted, day, money, peopleCounted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import type { FileReading } from '../common/reading.svelte';
  import { said } from '../common/said.svelte';
  import TakeFile from '../common/TakeFile.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { asOf } from '../frame/asof.svelte';
  import RateOfPerson from './RateOfPerson.svelte';
  import { PER } from './rates';

  let rows = $state.raw<RateRow[] | null>(null);
  let search = $state('');
  let without = $state(new URLSearchParams(router.querystring ?? '').has('without'));
  let opened = $state<RateRow | null>(null);
  let fileFrom = $state(asOf.day);
  let filePer = $state<PersonRate['per']>('HOUR');
  const work = new Work();

  $effect(() => {
    const query = { asOf: asOf.day };
    void work.do(async () => {
      rows = await answer(api.GET('/api/pay-rates', { params: { query } }));
    });
  });

  async function again() {
    rows = await answer(api.GET('/api/pay-rates', { params: { query: { asOf: asOf.day } } }));
  }

  const wanted = $derived(search.trim().toLowerCase());
  const shown = $derived(
    (rows ?? []).filter(
      (row) =>
        (!without || row.amount === null) &&
        `${row.person} ${row.code} ${row.team}`.toLowerCase().includes(wanted),
    ),
  );
  const missing = $derived((rows ?? []).filter((row) => row.amount === null).length);
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
    await again();
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
      />
      <label class="flex items-center gap-1.5 text-sm">
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={without} />
        only without a rate{rows ? ` (${missing})` : ''}
      </label>
    </div>
    <ProblemNote problem={work.problem} />
    {#if rows === null}
      {#if !work.problem}<Waiting what="Fetching pay rates" />{/if}
    {:else if shown.length === 0}
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
            {#each shown.slice(0, 500) as row (row.personId)}
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
      {#if shown.length > 500}
        <p class="quiet mt-1 text-sm">
          {shown.length - 500} more; search for whom you want, or take the table.
        </p>
      {/if}
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
