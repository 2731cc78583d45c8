<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { StatementEntry } from '../api/types';
  import { day, longDay, span } from '../common/format';
  import Empty from '../common/Empty.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';

  const personId = $derived(session.current.personId!);

  let statements = $state<StatementEntry[] | null>(null);
  let problem = $state<Problem | null>(null);

  $effect(() => {
    const path = { personId };
    answer(api.GET('/api/people/{personId}/statements', { params: { path } })).then(
      (loaded) => (statements = loaded),
      (thrown) => (problem = Problem.of(thrown)),
    );
  });
</script>

<p class="mb-1"><a class="underline" href="#/my-time">My time</a></p>
<h1 class="mb-1">My statements</h1>
<p class="quiet mb-4">
  What each closed pay run holds of you: hours and leave for payroll, every balance, and what lapses
  next.
</p>
<ProblemNote {problem} />
{#if statements === null}
  {#if !problem}<Waiting what="Fetching your statements" />{/if}
{:else if statements.length === 0}
  <Empty><p>There is none yet. One comes with each pay run that is closed.</p></Empty>
{:else}
  <table class="figures max-w-2xl">
    <thead><tr><th>Period</th><th>Closed</th><th>Statement</th></tr></thead>
    <tbody>
      {#each statements as each (each.runId)}
        <tr>
          <td class="font-semibold">{span(each.firstDay, each.lastDay)}</td>
          <td title={longDay(each.closedAt)}>{day(each.closedAt)}</td>
          <td>
            <a
              class="underline"
              href={`/api/people/${personId}/statements/${each.runId}`}
              aria-label={`Statement for ${span(each.firstDay, each.lastDay)}`}
              download>PDF</a
            >
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
