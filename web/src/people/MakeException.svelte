<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { EnrolmentView, OwnFigures, OwnPolicies, Person } from '../api/types';
  import Field from '../common/Field.svelte';
  import { unitName } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { figure } from './employment';
  import { FIGURES, type FigureName } from './exceptions';

  let {
    person,
    enrolments,
    done,
    close,
  }: {
    person: Person;
    enrolments: EnrolmentView[];
    done: (own: OwnPolicies) => void;
    close: () => void;
  } = $props();

  let policyId = $state<number | null>(null);
  let from = $state(session.current.today);
  let to = $state('');
  let reason = $state('');
  let amounts = $state<Partial<Record<FigureName, string>>>({});
  let waits = $state<Record<'waitToEarn' | 'waitToUse', { count: string; in: 'DAYS' | 'MONTHS' }>>({
    waitToEarn: { count: '', in: 'DAYS' },
    waitToUse: { count: '', in: 'DAYS' },
  });
  let problem = $state<Problem | null>(null);
  let busy = $state(false);

  const chosen = $derived(enrolments.find((each) => each.policyId === policyId));

  function wait(name: 'waitToEarn' | 'waitToUse') {
    const { count, in: unit } = waits[name];
    return count.trim() === '' ? null : { count: Number(count), in: unit };
  }

  const figures = $derived.by((): OwnFigures => {
    const own = Object.fromEntries(
      FIGURES.map(([name]) => [name, amounts[name]?.trim() ? figure(amounts[name]) : null]),
    ) as Record<FigureName, string | null>;
    return { ...own, waitToEarn: wait('waitToEarn'), waitToUse: wait('waitToUse') };
  });

  async function make(event: SubmitEvent) {
    event.preventDefault();
    if (policyId === null) {
      problem = new Problem('Please choose a policy.');
      return;
    }
    busy = true;
    problem = null;
    try {
      done(
        await answer(
          api.POST('/api/people/{personId}/exceptions', {
            params: { path: { personId: person.id } },
            body: { policyId, from, to: to || null, figures, reason },
          }),
        ),
      );
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }
</script>

<SidePanel title={`An exception for ${person.name}`} {close}>
  <form class="space-y-4" onsubmit={make}>
    <p>
      Figures of a policy that are other for this person. What stays empty is as the policy says.
    </p>
    <label class="block">
      <span class="block text-sm font-semibold">Policy</span>
      <select class="select w-64" name="policy" bind:value={policyId}>
        <option value={null}>choose</option>
        {#each enrolments.filter((each) => each.ends === null) as each (each.policyId)}
          <option value={each.policyId}>{each.policy}</option>
        {/each}
      </select>
    </label>
    <div class="flex gap-4">
      <Field label="From" field="from" {problem}>
        <DateField class="input w-44" name="from" bind:value={from} />
      </Field>
      <Field label="To, if it ends" field="to" {problem}>
        <DateField class="input w-44" name="to" bind:value={to} />
      </Field>
    </div>
    <div class="grid grid-cols-2 gap-3">
      {#each FIGURES as [name, label] (name)}
        <label class="block text-sm">
          {label}{chosen ? ` (${unitName(chosen.unit)})` : ''}
          <input class="input w-full" inputmode="decimal" {name} bind:value={amounts[name]} />
        </label>
      {/each}
      {#each [['waitToEarn', 'Wait before earning'], ['waitToUse', 'Wait before use']] as const as [name, label] (name)}
        <div class="text-sm">
          <label for={name}>{label}</label>
          <div class="flex gap-1">
            <input
              id={name}
              class="input w-20"
              inputmode="numeric"
              bind:value={waits[name].count}
            />
            <select class="select w-28" aria-label={`Unit of ${label}`} bind:value={waits[name].in}>
              <option value="DAYS">days</option><option value="MONTHS">months</option>
            </select>
          </div>
        </div>
      {/each}
    </div>
    {#if problem?.isAt('figures')}<p role="alert" class="text-error">{problem.message}</p>{/if}
    <Field label="Why" field="reason" {problem}>
      <textarea class="textarea w-full" rows="2" name="reason" bind:value={reason}></textarea>
    </Field>
    <ProblemNote {problem} besides={['from', 'to', 'figures', 'reason']} />
    <button class="btn btn-primary" disabled={busy || !from || reason.trim() === ''}
      >Make the exception</button
    >
  </form>
</SidePanel>
