<script lang="ts">
  import { answer, api, fileBody } from '../api/client';
  import type { HoursPreview } from '../api/types';
  import { amount, counted, peopleCounted } from '../common/format';
  import type { FileReading } from '../common/reading.svelte';
  import { said } from '../common/said.svelte';
  import TakeFile from '../common/TakeFile.svelte';
  import { session } from '../frame/session.svelte';

  let { runId, taken }: { runId: number; taken: () => Promise<void> } = $props();

  const path = $derived({ id: runId });

  function preview(file: File, reading: FileReading): Promise<HoursPreview> {
    return answer(
      api.POST('/api/pay-runs/{id}/hours/preview', {
        params: { path },
        ...fileBody(file, { name: 'reading', value: reading.asked }),
      }),
    );
  }

  async function take(file: File, reading: FileReading, skip: number[]) {
    const result = await answer(
      api.POST('/api/pay-runs/{id}/hours', {
        params: { path, query: { skip } },
        ...fileBody(file, { name: 'reading', value: reading.asked }),
      }),
    );
    said.say(`${counted(result.rows, 'row')} of ${peopleCounted(result.people)} are in.`);
    await taken();
  }
</script>

{#snippet together(found: HoursPreview)}
  They are {amount(found.hours)} hours.
{/snippet}

<section class="sheet p-3">
  <h2 class="mb-1">Hours of the period</h2>
  <p class="quiet">
    One row a person, day and kind. Persons by code, name or e-mail address; without a kind, hours
    are regular.
    {#if session.current.demo}
      <a class="underline" href={`/api/demo/pay-runs/${runId}/hours.csv`} download>Demo file</a>
    {/if}
  </p>
  <TakeFile kind="hours" {preview} {take} more={together} narrow />
</section>
