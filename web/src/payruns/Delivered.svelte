<script lang="ts">
  import { answer, api } from '../api/client';
  import type { RefusedRow, RunDelivery, Worksheet } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { counted, dayAndTime, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import { deliveryInWords } from './delivering';

  let { worksheet }: { worksheet: Worksheet } = $props();

  let delivery = $state<RunDelivery | null>(null);
  let chosen = $state<number[]>([]);
  let settling = $state(false);
  let note = $state('');
  const work = new Work();

  const path = $derived({ id: worksheet.run.id });
  const open = $derived((delivery?.refused ?? []).filter((row) => row.settled === null));
  const settled = $derived((delivery?.refused ?? []).filter((row) => row.settled !== null));
  const waiting = $derived(
    (delivery?.deliveries ?? []).some((each) => each.answeredAt === null && each.tries > 0),
  );

  async function take(call: Promise<RunDelivery>) {
    return work.do(async () => {
      delivery = await call;
      chosen = [];
      settling = false;
      note = '';
    });
  }

  $effect(() => {
    if (worksheet.events) {
      void take(answer(api.GET('/api/pay-runs/{id}/delivery', { params: { path } })));
    }
  });

  async function deliver() {
    if (
      (await take(answer(api.POST('/api/pay-runs/{id}/delivery', { params: { path } })))) &&
      !waiting
    ) {
      said.say('Delivered. Payroll has answered about each row.');
    }
  }

  function again(lines: number[]) {
    return take(
      answer(api.POST('/api/pay-runs/{id}/delivery/again', { params: { path }, body: { lines } })),
    );
  }

  function settle(event: SubmitEvent) {
    event.preventDefault();
    return take(
      answer(
        api.POST('/api/pay-runs/{id}/delivery/settled', {
          params: { path },
          body: { lines: chosen, note },
        }),
      ),
    );
  }

  function choose(row: RefusedRow, wanted: boolean) {
    chosen = wanted ? [...chosen, row.lineId] : chosen.filter((line) => line !== row.lineId);
  }
</script>

<section
  class={[
    'sheet mb-5 border-l-4 p-3',
    open.length > 0 || waiting ? 'border-l-error' : 'border-l-secondary',
  ]}
  data-delivery
>
  <div class="flex flex-wrap items-start justify-between gap-3">
    <div>
      <h2 class="mb-1">Payroll</h2>
      {#if delivery === null}
        <p class="quiet">Looking at what was delivered</p>
      {:else if delivery.deliveries.length === 0}
        <p>{delivery.toDeliver ? 'Not delivered yet.' : 'Nothing was delivered.'}</p>
      {:else}
        <ul>
          {#each delivery.deliveries as each (each.id)}<li>{deliveryInWords(each)}</li>{/each}
        </ul>
        {#if open.length === 0 && !waiting}
          <p>Every row was taken or settled.</p>
        {/if}
      {/if}
    </div>
    <div class="flex flex-wrap gap-3">
      <a class="btn btn-ghost" href={`#/pay-runs/${worksheet.run.id}/layout`}>Layout</a>
      <a class="btn btn-ghost" href="#/payroll-inbox">Payroll’s inbox</a>
      {#if waiting}
        <button
          class="btn"
          disabled={work.busy}
          onclick={() =>
            take(answer(api.POST('/api/pay-runs/{id}/delivery/tries', { params: { path } })))}
          >Try again now</button
        >
      {/if}
      {#if delivery?.toDeliver}
        <button class="btn btn-primary" disabled={work.busy} onclick={deliver}
          >Deliver to payroll</button
        >
      {/if}
    </div>
  </div>
  <ProblemNote problem={work.problem} />

  {#if open.length > 0}
    <h3 class="mt-3 mb-1 font-semibold">Refused: {counted(open.length, 'row')} to settle</h3>
    <div class="max-h-72 overflow-y-auto">
      <table class="figures">
        <thead>
          <tr>
            <th>Choose</th><th>Person</th><th>Code</th><th>What</th><th class="number">Amount</th
            ><th>Unit</th><th>Why payroll refused it</th>
          </tr>
        </thead>
        <tbody>
          {#each open as row (row.lineId)}
            <tr data-refused={row.lineId}>
              <td>
                <input
                  type="checkbox"
                  class="checkbox checkbox-sm"
                  aria-label={`Choose ${row.what} of ${row.person}`}
                  disabled={row.beingDelivered}
                  checked={chosen.includes(row.lineId)}
                  onchange={(event) => choose(row, event.currentTarget.checked)}
                />
              </td>
              <td>{row.person}</td>
              <td>{row.code}</td>
              <td>{row.what}</td>
              <td class="number"><Amount value={row.amount} /></td>
              <td class="quiet">{unitName(row.unit)}</td>
              <td>{row.beingDelivered ? 'on its way again' : row.reason}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="quiet mt-1 text-sm">
      Where payroll does not know a code, give it payroll’s own in the layout; then deliver again.
    </p>
    <div class="mt-2 flex flex-wrap gap-3">
      <button
        class="btn"
        disabled={work.busy}
        onclick={() =>
          again(
            chosen.length > 0
              ? chosen
              : open.filter((row) => !row.beingDelivered).map((row) => row.lineId),
          )}>Deliver {chosen.length > 0 ? counted(chosen.length, 'row') : 'all'} again</button
      >
      <button class="btn" disabled={chosen.length === 0} onclick={() => (settling = true)}
        >Settled by hand</button
      >
    </div>
    {#if settling}
      <form class="mt-2 flex flex-wrap items-end gap-2" onsubmit={settle}>
        <label class="grow">
          <span class="block text-sm font-semibold">How</span>
          <input class="input w-full" name="note" maxlength="400" bind:value={note} />
        </label>
        <button class="btn btn-primary" disabled={work.busy || note.trim() === ''}>Settle</button>
        <button type="button" class="btn btn-ghost" onclick={() => (settling = false)}
          >Not yet</button
        >
      </form>
    {/if}
  {/if}
  {#if settled.length > 0}
    <details class="mt-2">
      <summary class="quiet cursor-pointer"
        >{counted(settled.length, 'refused row')} settled</summary
      >
      <ul class="ml-4 list-disc">
        {#each settled as row (row.lineId)}
          <li>
            {row.person}, {row.what}: {row.reason}; “{row.settled!.note}” by {row.settled!.by}, {dayAndTime(
              row.settled!.at,
            )}
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</section>
