<script lang="ts">
  import { answer, api } from '../api/client';
  import type { NamesOfLeavers } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import Field from '../common/Field.svelte';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import { dueAt, fate } from './names';

  const USUAL = 36;
  const FEWEST = 6;
  const MOST = 360;

  let names = $state<NamesOfLeavers | null>(null);
  let goes = $state(false);
  let months = $state(USUAL);
  const work = new Work();

  function take(found: NamesOfLeavers) {
    names = found;
    goes = found.months !== null;
    months = found.months ?? months;
  }

  $effect(() => {
    void work.do(async () => take(await answer(api.GET('/api/leavers'))));
  });

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      take(await answer(api.PUT('/api/leavers', { body: { months: goes ? months : null } })));
      said.say('Kept. Each name goes on the morning after its time.');
    });
  }

  const changed = $derived(names !== null && (goes ? months : null) !== names.months);
  const dueAtOnce = $derived(
    names && goes && changed ? dueAt(names.next, months, session.current.today) : 0,
  );
</script>

<h1 class="mb-1">Names of leavers</h1>
<p class="mb-4 max-w-3xl">
  Once somebody’s name is removed, nothing says who they were: not their name, addresses, notes,
  answers and documents, not the mail to them or the words of their changes, and not their name in
  what they did or others wrote. Hours, leave, balances, what was posted and handed over, and their
  code stay, so sums and the proof are as before. It cannot be taken back; backups hold the name
  until the last of them is thinned out, a year at most.
</p>
{#if names}
  <form class="mb-8 max-w-2xl space-y-3" onsubmit={keep} data-names-rule>
    <label class="flex items-center gap-2">
      <input type="radio" class="radio radio-sm" name="goes" value={false} bind:group={goes} />
      Names stay for ever
    </label>
    <label class="flex items-center gap-2">
      <input type="radio" class="radio radio-sm" name="goes" value={true} bind:group={goes} />
      Names go some time after the last day
    </label>
    {#if goes}
      <Field label="Months after the last day" field="months" problem={work.problem}>
        <input
          class="input w-24"
          type="number"
          name="months"
          min={FEWEST}
          max={MOST}
          required
          bind:value={months}
        />
      </Field>
      <p class="quiet">
        {FEWEST} to {MOST}. How long records of pay have to say whose they are differs from country
        to country; ask whoever answers for that.
      </p>
      {#if dueAtOnce > 0}
        <p class="border-l-4 border-accent bg-base-200 px-3 py-1" data-due>
          The names of {dueAtOnce === 1 ? 'one person' : `${dueAtOnce} people`} below would go from tomorrow
          morning on.
        </p>
      {/if}
    {/if}
    <ProblemNote problem={work.problem} besides={['months']} />
    <button class="btn btn-primary" disabled={work.busy || !changed}>Keep this</button>
  </form>
  <h2 class="mb-1">Who left and has a name</h2>
  {#if names.next.length === 0}
    <Empty><p>Nobody.</p></Empty>
  {:else}
    <table class="figures max-w-4xl">
      <thead>
        <tr><th>Code</th><th>Name</th><th>Last day</th><th>Their name</th></tr>
      </thead>
      <tbody>
        {#each names.next as each (each.personId)}
          <tr>
            <td>{each.code}</td>
            <td><a class="underline" href={`#/people/${each.personId}`}>{each.name}</a></td>
            <td class="whitespace-nowrap">{day(each.lastDay)}</td>
            <td>{fate(each)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  {#if names.nameless > 0}
    <p class="quiet mt-3">
      {names.nameless === 1 ? 'One former employee has' : `${names.nameless} former employees have`} no
      name any more.
    </p>
  {/if}
{:else if work.problem}
  <ProblemNote problem={work.problem} />
{:else}
  <Waiting what="Looking who left" />
{/if}
