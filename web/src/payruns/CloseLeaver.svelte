<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Leaver, Worksheet, WorksheetRow } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { isZero } from '../common/decimal';
  import { day, unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';

  let {
    worksheet,
    leaver,
    closed,
    cancel,
  }: {
    worksheet: Worksheet;
    leaver: Leaver;
    closed: () => void;
    cancel: () => void;
  } = $props();

  let rows = $state<WorksheetRow[]>([]);
  let note = $state('');
  const work = new Work();
  const unusual = $derived(rows.some((row) => row.cautions.length > 0));

  $effect(() => {
    const path = { id: worksheet.run.id };
    const query = { search: leaver.person, size: 200 };
    void work.do(async () => {
      const page = await answer(api.GET('/api/pay-runs/{id}/rows', { params: { path, query } }));
      rows = page.items.filter((row) => row.personId === leaver.personId && !row.recordedOnly);
    });
  });

  function show(dialog: HTMLDialogElement) {
    dialog.showModal();
  }

  async function close(event: SubmitEvent) {
    event.preventDefault();
    const path = { id: worksheet.run.id, personId: leaver.personId };
    const done = await work.do(async () => {
      await answer(
        api.POST('/api/pay-runs/{id}/leavers/{personId}/closing', {
          params: { path },
          body: { note },
        }),
      );
    });
    if (done) closed();
  }
</script>

<dialog
  use:show
  onclose={cancel}
  aria-label={`Close for ${leaver.person}`}
  class="m-auto max-w-xl border-t-4 border-primary bg-base-100 p-6 text-base-content backdrop:bg-black/40"
>
  <form onsubmit={close}>
    <h2 class="mb-2">Close for {leaver.person}, last day {day(leaver.lastDay)}?</h2>
    <p class="mb-2">
      Hours and leave until then go to payroll, and what is left is settled now; the others follow
      with their run.
    </p>
    <table class="figures mb-3">
      <thead>
        <tr>
          <th>Policy</th><th>Unit</th><th class="number">Paid out</th><th class="number">Lapses</th
          ><th class="number">Left</th>
        </tr>
      </thead>
      <tbody>
        {#each rows as row (row.policyId)}
          <tr>
            <td>{row.policy}</td>
            <td class="quiet">{unitName(row.unit)}</td>
            <td class={['number', isZero(row.paidOut) && 'quiet']}
              ><Amount value={row.paidOut} /></td
            >
            <td class={['number', isZero(row.lapsed) && 'quiet']}><Amount value={row.lapsed} /></td>
            <td class="number font-semibold"><Amount value={row.closing} /></td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if unusual}
      <ul class="mb-2 list-disc pl-5">
        {#each rows as row (row.policyId)}
          {#each row.cautions as words (words)}<li>{row.policy}: {words}</li>{/each}
        {/each}
      </ul>
      <label class="block">
        <span class="font-semibold">Why this is right</span>
        <input class="input w-full" name="note" maxlength="400" bind:value={note} />
      </label>
    {/if}
    <div class="mt-2"><ProblemNote problem={work.problem} /></div>
    <div class="mt-4 flex justify-end gap-3">
      <button type="button" class="btn btn-ghost" onclick={cancel}>Not yet</button>
      <button class="btn btn-primary" disabled={work.busy || (unusual && note.trim() === '')}
        >Close for {leaver.person}</button
      >
    </div>
  </form>
</dialog>
