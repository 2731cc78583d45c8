<script lang="ts">
  import { answer, api } from '../api/client';
  import type { RunningProgram } from '../api/types';
  import { dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import Backups from './Backups.svelte';
  import { size } from './size';

  let program = $state.raw<RunningProgram | null>(null);
  const work = new Work();

  $effect(() => {
    void work.do(async () => {
      program = await answer(api.GET('/api/running'));
    });
  });
</script>

<h1 class="mb-4">The program and its backups</h1>
<ProblemNote problem={work.problem} />
{#if program}
  <dl class="grid max-w-3xl grid-cols-[12rem_1fr] gap-x-4 gap-y-1" data-program>
    <dt class="quiet">Runs since</dt>
    <dd>{dayAndTime(program.since)}</dd>
    <dt class="quiet">Version</dt>
    <dd>{program.version}, tables of version {program.layout}</dd>
    <dt class="quiet">The data lie in</dt>
    <dd class="break-all">{program.database}</dd>
    <dt class="quiet">Room on that disk</dt>
    <dd>{size(program.freeBytes)} are free</dd>
    <dt class="quiet">Memory</dt>
    <dd>{size(program.memoryUsed)} of at most {size(program.memoryMost)} in use</dd>
  </dl>
{:else if !work.problem}
  <Waiting what="Asking the program" />
{/if}
<Backups />
