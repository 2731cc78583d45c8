<script lang="ts">
  import { answer, api } from '../api/client';
  import type { YearEndView } from '../api/types';
  import { peopleCounted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';

  let { view, chosen, done }: { view: YearEndView; chosen: number[]; done: () => void } = $props();

  let carry = $state('');
  let reason = $state('');
  const work = new Work();

  async function grant() {
    await work.do(async () => {
      await answer(
        api.POST('/api/policies/{id}/year-ends/{year}/exceptions', {
          params: { path: { id: view.policyId, year: view.year } },
          body: { personIds: chosen, carry: carry.trim().replace(',', '.'), reason },
        }),
      );
      done();
    });
  }
</script>

<form
  class="sheet sticky bottom-0 mt-2 flex flex-wrap items-center gap-2 border-t-4 border-t-primary p-3"
  data-grant
  onsubmit={(event) => {
    event.preventDefault();
    void grant();
  }}
>
  Let {peopleCounted(chosen.length)} carry over up to
  <input
    class="input w-20"
    inputmode="decimal"
    name="carry"
    aria-label="The most that is carried over"
    bind:value={carry}
  />
  {view.unit.toLowerCase()} this time, because
  <input class="input w-64" name="because" aria-label="Why" bind:value={reason} />
  <button
    class="btn btn-primary"
    disabled={work.busy || carry.trim() === '' || reason.trim() === ''}>Grant it</button
  >
  <div class="w-full"><ProblemNote problem={work.problem} /></div>
</form>
