<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Holidays, Organisation, RequestSummary } from '../api/types';
  import Field from '../common/Field.svelte';
  import { span, withUnit } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let {
    organisation,
    done,
    close,
  }: { organisation: Organisation; done: (holidays: Holidays) => void; close: () => void } =
    $props();

  let starts = $state(session.current.today);
  let ends = $state(session.current.today);
  let reason = $state('');
  let teamId = $state<number | null>(null);
  let approved = $state<RequestSummary[]>([]);
  const work = new Work();
  const ask = latest<RequestSummary[]>();

  $effect(() => {
    if (!starts || !ends) return;
    ask(
      answer(
        api.GET('/api/requests/approved', {
          params: {
            query: { first: starts, last: ends, ...(teamId === null ? {} : { teamId }) },
          },
        }),
      ),
      (found) => (approved = found),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function protect(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        await answer(
          api.POST('/api/holidays/protected', { body: { starts, ends, reason, teamId } }),
        ),
      );
    });
  }
</script>

<SidePanel title="Protected dates" {close}>
  <form class="space-y-4" onsubmit={protect}>
    <p class="quiet">Days on which no leave can be asked for. Who tries reads why.</p>
    <div class="flex flex-wrap gap-4">
      <Field label="First day" field="starts" problem={work.problem}>
        <DateField class="input w-44" name="starts" bind:value={starts} />
      </Field>
      <Field label="Last day" field="ends" problem={work.problem}>
        <DateField class="input w-44" name="ends" bind:value={ends} />
      </Field>
    </div>
    <Field label="For" field="teamId" problem={work.problem}>
      <select class="select w-48" name="team" bind:value={teamId}>
        <option value={null}>everybody</option>
        {#each organisation.teams as team (team.id)}<option value={team.id}>{team.name}</option
          >{/each}
      </select>
    </Field>
    <Field label="Why" field="reason" problem={work.problem}>
      <input class="input w-full" name="reason" bind:value={reason} />
    </Field>
    {#if approved.length > 0}
      <section class="border-l-4 border-accent bg-base-200 px-3 py-2" data-approved>
        <p class="font-semibold">
          Approved already on these days, and stays so unless you cancel it:
        </p>
        <ul>
          {#each approved as each (each.id)}
            <li>
              <a class="underline" href={`#/requests/${each.id}`}>{each.person}</a>, {each.policy},
              {span(each.first, each.last)}, {withUnit(each.total, each.unit)}
            </li>
          {/each}
        </ul>
      </section>
    {/if}
    <ProblemNote problem={work.problem} besides={['starts', 'ends', 'reason']} />
    <button class="btn btn-primary" disabled={work.busy || !starts || !ends || reason.trim() === ''}
      >Protect these dates</button
    >
  </form>
</SidePanel>
