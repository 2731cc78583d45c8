<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Worksheet } from '../api/types';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import LayoutForm from './LayoutForm.svelte';
  import { LayoutEditing } from './layout.svelte';

  let { params }: { params: { id: string } } = $props();

  let worksheet = $state<Worksheet | null>(null);
  let editing = $state<LayoutEditing | null>(null);
  const work = new Work();
  const id = $derived(Number(params.id));

  $effect(() => {
    void work.do(async () => {
      worksheet = await answer(api.GET('/api/pay-runs/{id}', { params: { path: { id } } }));
      editing = new LayoutEditing(worksheet.run);
      editing.load();
    });
  });

  async function save() {
    if (await editing!.save()) said.say('Saved. Files of this pay group are written in it.');
  }
</script>

<p class="mb-1"><a class="underline" href={`#/pay-runs/${id}`}>The run</a></p>
<ProblemNote problem={work.problem} />
{#if worksheet === null || editing?.layout == null}
  {#if !work.problem && !editing?.work.problem}<Waiting what="Fetching the layout" />{/if}
  <ProblemNote problem={editing?.work.problem ?? null} />
{:else}
  <h1 class="mb-1">How payroll’s file is written</h1>
  <p class="quiet mb-4">
    For {worksheet.payGroup}, from now on. Below is the file of {day(worksheet.run.firstDay)} to {day(
      worksheet.run.lastDay,
    )} in it.
  </p>
  <LayoutForm {editing} {save} />
{/if}
