<script lang="ts">
  import { answer, api } from '../api/client';
  import type { PayRun } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import { road } from '../frame/road.svelte';

  let { run, changed }: { run: PayRun; changed: () => void } = $props();

  let on = $state<string | null>(null);
  const work = new Work();

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const kept = await work.do(async () => {
      await answer(
        api.PUT('/api/pay-runs/{id}/pay-date', {
          params: { path: { id: run.id } },
          body: { on: on! },
        }),
      );
    });
    if (kept) {
      said.say(`Paid on ${longDay(on!)}.`);
      on = null;
      road.changed();
      changed();
    }
  }
</script>

{#if on === null}
  <p data-pay-date>
    Paid on {longDay(run.paysOn)}
    {#if run.state !== 'CLOSED'}
      <button class="ml-1 text-sm underline" onclick={() => (on = run.paysOn)}
        >Change the pay date</button
      >
    {/if}
  </p>
{:else}
  <form class="flex flex-wrap items-center gap-2" onsubmit={keep}>
    <label class="flex items-center gap-2">
      Paid on
      <DateField class="input input-sm w-44" name="pay-date" bind:value={on} />
    </label>
    <button class="btn btn-sm" disabled={work.busy || !on}>Keep</button>
    <button type="button" class="underline" onclick={() => (on = null)}>Cancel</button>
  </form>
{/if}
<ProblemNote problem={work.problem} />
