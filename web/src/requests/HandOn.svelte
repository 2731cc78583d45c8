<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Receiver, RequestDetail } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { detail, handedOn }: { detail: RequestDetail; handedOn: (detail: RequestDetail) => void } =
    $props();

  let open = $state(false);
  let receivers = $state<Receiver[]>([]);
  let to = $state<number>();
  let message = $state('');
  const work = new Work();
  const path = $derived({ id: detail.request.id });

  function begin() {
    open = true;
    void work.do(async () => {
      receivers = await answer(api.GET('/api/requests/{id}/receivers', { params: { path } }));
    });
  }

  function hand() {
    void work.do(async () => {
      const result = await answer(
        api.POST('/api/requests/{id}/hand-on', {
          params: { path },
          body: { seenEdits: detail.request.edits, to: to!, message },
        }),
      );
      said.say(`Handed on to ${receivers.find((each) => each.personId === to)!.name}.`);
      open = false;
      handedOn(result);
    });
  }
</script>

{#if !open}
  <button class="mt-3 underline" onclick={begin}>Let somebody else decide</button>
{:else}
  <form
    class="mt-4 border-t border-base-300 pt-3"
    data-hand-on
    onsubmit={(event) => {
      event.preventDefault();
      hand();
    }}
  >
    <label class="block">
      <span class="font-semibold">Who decides instead</span>
      <select class="select mt-1 w-full" name="to" bind:value={to} required>
        <option value={undefined}>Choose somebody</option>
        {#each receivers as each (each.personId)}
          <option value={each.personId}>{each.name}, {each.team}</option>
        {/each}
      </select>
    </label>
    <label class="mt-2 block">
      <span class="font-semibold">A word to them</span>
      <input
        class="input mt-1 w-full"
        name="hand-on-message"
        maxlength="500"
        bind:value={message}
      />
    </label>
    <div class="mt-2"><ProblemNote problem={work.problem} /></div>
    <div class="mt-2 flex gap-3">
      <button class="btn" disabled={work.busy || to === undefined}>Hand it on</button>
      <button class="btn btn-ghost" type="button" onclick={() => (open = false)}>Keep it</button>
    </div>
  </form>
{/if}
