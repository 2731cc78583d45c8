<script lang="ts">
  import Printer from '@lucide/svelte/icons/printer';
  import { answer, api } from '../api/client';
  import type { OwnTermsView } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Empty from '../common/Empty.svelte';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';

  let on = $state(session.current.today);
  let terms = $state<OwnTermsView[] | null>(null);
  const work = new Work();

  $effect(() => {
    if (!on) return;
    const params = { path: { personId: session.current.personId! }, query: { on } };
    void work.do(async () => {
      terms = await answer(api.GET('/api/people/{personId}/terms', { params }));
    });
  });
</script>

<div class="flex flex-wrap items-end justify-between gap-3">
  <h1>My terms</h1>
  <div class="flex items-end gap-3 print:hidden">
    <label>As they hold on <DateField class="input w-40" name="on" bind:value={on} /></label>
    <button class="btn" onclick={() => window.print()}>
      <Printer size={16} aria-hidden="true" /> Print
    </button>
  </div>
</div>
<p class="mt-1 mb-4">
  {session.current.name}, {longDay(on)}. Years of service, part time and what was agreed with you
  are worked in.
</p>
<ProblemNote problem={work.problem} />
{#if terms === null}
  {#if !work.problem}<Waiting what="Writing out your terms" />{/if}
{:else if terms.length === 0}
  <Empty><p>No policy of yours is in force on that day.</p></Empty>
{:else}
  <div class="max-w-3xl space-y-6" data-own-terms>
    {#each terms as each (each.policyId)}
      <section class="break-inside-avoid">
        <h2 class="mb-1">{each.policy}</h2>
        <ul class="list-disc space-y-0.5 pl-5">
          {#each each.sentences as sentence, at (at)}<li>{sentence}</li>{/each}
        </ul>
      </section>
    {/each}
  </div>
{/if}
