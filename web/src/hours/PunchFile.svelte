<script lang="ts">
  import { answer, api, fileBody } from '../api/client';
  import type { PunchPreview, Road } from '../api/types';
  import { counted, peopleCounted, span } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import type { FileReading } from '../common/reading.svelte';
  import { said } from '../common/said.svelte';
  import TakeFile from '../common/TakeFile.svelte';
  import { Work } from '../common/work.svelte';
  import { road } from '../frame/road.svelte';
  import HoursFile from '../payruns/HoursFile.svelte';

  let runs = $state<Road | null>(null);
  const work = new Work();

  $effect(() => {
    const query = road.payGroupId === null ? {} : { payGroupId: road.payGroupId };
    void work.do(async () => {
      runs = await answer(api.GET('/api/road', { params: { query } }));
    });
  });

  const gathered = $derived(runs?.periods.find((each) => each.state === 'GATHERING') ?? null);

  function preview(file: File, reading: FileReading): Promise<PunchPreview> {
    return answer(
      api.POST('/api/punches/file/preview', {
        ...fileBody(file, { name: 'reading', value: reading.asked }),
      }),
    );
  }

  async function take(file: File, reading: FileReading, skip: number[]) {
    const result = await answer(
      api.POST('/api/punches/file', {
        params: { query: { skip } },
        ...fileBody(file, { name: 'reading', value: reading.asked }),
      }),
    );
    said.say(
      `${counted(result.rows, 'row')} of ${peopleCounted(result.people)} are in${
        result.setAside > 0 ? `; ${result.setAside} found no place and wait with the terminals` : ''
      }.`,
    );
  }
</script>

{#snippet known(found: PunchPreview)}
  {#if found.already > 0}{found.already} of their times were taken before and are left out.{/if}
{/snippet}

<p class="mb-1"><a class="underline" href="#/hours">Hours</a></p>
<h1 class="mb-3">Bring in a file</h1>
<ProblemNote problem={work.problem} />
<div class="grid gap-6 lg:grid-cols-2">
  <section class="sheet p-3">
    <h2 class="mb-1">Times from a clock</h2>
    <p class="quiet">
      One row for each time somebody came, went or took a break; or a row with in and out. Persons
      by code, name or e-mail address. Times are those of the clock at the site. The same file twice
      changes nothing.
    </p>
    <TakeFile kind="times" {preview} {take} more={known} narrow />
  </section>
  {#if gathered?.runId}
    <div>
      <p class="mb-1">For {runs?.payGroup}, {span(gathered.first, gathered.last)}:</p>
      <HoursFile runId={gathered.runId} taken={() => Promise.resolve()} />
    </div>
  {/if}
</div>
