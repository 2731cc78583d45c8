<script lang="ts">
  import type { AskableKind } from '../api/types';
  import { withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import DayTiles from '../requests/DayTiles.svelte';
  import type { Asking } from './asking.svelte';
  import { split } from './split';

  let { asking, kinds }: { asking: Asking; kinds: AskableKind[] } = $props();

  const { rest } = $derived(asking);
  const name = $derived(kinds.find((each) => each.policyId === rest.policyId)?.policy ?? '');
  const [kept, others] = $derived(
    asking.review === null ? [[], []] : split(asking.marked, asking.review),
  );
  const offered = $derived(
    asking.changed === null && others.length > 0 && others.length < asking.costly.length,
  );

  function take(chosen: string) {
    if (chosen === '') return;
    const days = others;
    asking.marked = kept;
    rest.begin(Number(chosen), days);
  }

  $effect(() => rest.reviewSoon(asking.note));

  function giveBack() {
    asking.marked = [...asking.marked, ...rest.days].sort((one, other) =>
      one.on.localeCompare(other.on),
    );
    rest.clear();
  }
</script>

{#if rest.policyId !== null}
  <section class="mt-4 border-t border-base-300 pt-3" data-rest>
    <h3 class="font-semibold">
      {name}{rest.review ? `: costs ${withUnit(rest.review.total, rest.review.unit)}` : ''}
    </h3>
    {#if rest.review}
      <DayTiles days={rest.review.days} unit={rest.review.unit} />
      {#if rest.review.problems.length > 0}
        <ul class="mt-2 border-l-4 border-error pl-3">
          {#each rest.review.problems as broken, at (at)}<li>{broken.message}</li>{/each}
        </ul>
      {/if}
    {/if}
    <ProblemNote problem={rest.problem} />
    <button class="mt-1 underline" onclick={giveBack}>Not as {name} after all</button>
  </section>
{:else if offered}
  <label class="mt-3 flex flex-wrap items-center gap-2" data-other-kind>
    Ask for the other {others.length === 1 ? 'day' : `${others.length} days`} as
    <select
      class="select w-56"
      aria-label="Kind of the other days"
      value=""
      onchange={(event) => take(event.currentTarget.value)}
    >
      <option value="">another kind</option>
      {#each kinds.filter((each) => each.policyId !== asking.reviewed) as kind (kind.policyId)}
        <option value={String(kind.policyId)}>{kind.policy}</option>
      {/each}
    </select>
  </label>
{/if}
