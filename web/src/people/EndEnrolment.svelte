<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import type { Ending, EnrolmentView, OwnPolicies, Person } from '../api/types';
  import Field from '../common/Field.svelte';
  import { day, withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    enrolment,
    others,
    done,
    close,
  }: {
    person: Person;
    enrolment: EnrolmentView;
    others: EnrolmentView[];
    done: (own: OwnPolicies) => void;
    close: () => void;
  } = $props();

  let on = $state(session.current.today);
  let choice = $state('');
  let left = $state<string | null>(null);
  const work = new Work();

  const targets = $derived(
    others.filter(
      (each) =>
        each.policyId !== enrolment.policyId && each.unit === enrolment.unit && each.ends === null,
    ),
  );

  $effect(() => {
    if (!on) return;
    answer(
      api.GET('/api/people/{personId}/balances', {
        params: { path: { personId: person.id }, query: { asOf: on } },
      }),
    ).then(
      ({ items }) =>
        (left = items.find((row) => row.policyId === enrolment.policyId)?.balance ?? null),
      () => (left = null),
    );
  });

  async function end(event: SubmitEvent) {
    event.preventDefault();
    const ending: Ending = choice.startsWith('MOVE ')
      ? { balance: 'MOVE', movedTo: Number(choice.slice(5)) }
      : { balance: choice as Ending['balance'], movedTo: null };
    await work.do(async () => {
      done(
        await answer(
          api.PUT('/api/people/{personId}/policies/{policyId}/end', {
            params: { path: { personId: person.id, policyId: enrolment.policyId } },
            body: { on, ending },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`End ${enrolment.policy} of ${person.name}`} {close}>
  <form class="space-y-4" onsubmit={end}>
    <Field label="Last day" field="on" problem={work.problem}>
      <DateField class="input w-44" name="on" bind:value={on} />
    </Field>
    {#if left !== null && on}
      <p>On {day(on)}, <strong>{withUnit(left, enrolment.unit)}</strong> are left.</p>
    {/if}
    <Field label="What is left" field="movedTo" problem={work.problem}>
      <select class="select w-64" name="ending" bind:value={choice}>
        <option value="">choose</option>
        {#each targets as target (target.policyId)}
          <option value={`MOVE ${target.policyId}`}>goes on in {target.policy}</option>
        {/each}
        <option value="PAY_OUT">is paid out</option>
        <option value="LAPSE">lapses</option>
      </select>
    </Field>
    <ProblemNote problem={work.problem} besides={['on', 'movedTo']} />
    <button class="btn btn-primary" disabled={work.busy || !on || choice === ''}
      >End the enrolment</button
    >
  </form>
</SidePanel>
