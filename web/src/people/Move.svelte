<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { isPositive } from '../common/decimal';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { EffectView, Ending, Organisation, Person, Placing } from '../api/types';
  import Field from '../common/Field.svelte';
  import { day, withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { latest } from '../common/latest';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import PlacingFields from './PlacingFields.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    organisation,
    done,
    close,
  }: {
    person: Person;
    organisation: Organisation;
    done: (person: Person) => void;
    close: () => void;
  } = $props();

  let from = $state(session.current.today);
  let placing = $state<Placing>(
    untrack(() => ({
      siteId: person.siteId,
      teamId: person.teamId,
      employmentType: person.employmentType,
      payGroupId: person.payGroupId,
      approverId: person.approverId,
    })),
  );
  let effects = $state<EffectView[]>([]);
  let endings = $state<Record<number, string>>({});
  const work = new Work();

  const ask = latest<EffectView[]>();

  const changed = $derived(
    placing.siteId !== person.siteId ||
      placing.teamId !== person.teamId ||
      placing.employmentType !== person.employmentType ||
      placing.payGroupId !== person.payGroupId ||
      placing.approverId !== person.approverId,
  );

  /** An ending as the choice that stands for it. */
  function written(ending: Ending): string {
    return ending.movedTo === null ? ending.balance : `MOVE ${ending.movedTo}`;
  }

  function read(choice: string): Ending {
    return choice.startsWith('MOVE ')
      ? { balance: 'MOVE', movedTo: Number(choice.slice(5)) }
      : { balance: choice as Ending['balance'], movedTo: null };
  }

  $effect(() => {
    const body = { from, placing: $state.snapshot(placing), endings: null };
    if (!changed || !from) {
      effects = [];
      work.problem = null;
      return;
    }
    ask(
      answer(
        api.POST('/api/people/{personId}/moves/preview', {
          params: { path: { personId: person.id } },
          body,
        }),
      ),
      (found) => {
        effects = found;
        work.problem = null;
        endings = Object.fromEntries(
          found.flatMap((each) =>
            each.suggested === null
              ? []
              : [[each.policyId, untrack(() => endings[each.policyId]) ?? written(each.suggested)]],
          ),
        );
      },
      (thrown) => {
        effects = [];
        work.problem = Problem.of(thrown);
      },
    );
  });

  async function move(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        await answer(
          api.POST('/api/people/{personId}/moves', {
            params: { path: { personId: person.id } },
            body: {
              from,
              placing: $state.snapshot(placing),
              endings: effects
                .filter((each) => each.what === 'ENDS')
                .map((each) => ({
                  policyId: each.policyId,
                  ending: read(endings[each.policyId]!),
                })),
            },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`Where ${person.name} works`} {close}>
  <form class="space-y-4" onsubmit={move}>
    <Field label="From" field="from" problem={work.problem}>
      <DateField class="input w-44" name="from" bind:value={from} />
    </Field>
    <PlacingFields
      bind:placing
      {organisation}
      approver={person.approver}
      personId={person.id}
      problem={work.problem}
    />
    {#if changed && !work.problem}
      <section data-effects>
        <h2>What this does to their policies</h2>
        {#each effects as effect (effect.policyId)}
          <div class="mt-2 border-l-4 border-primary pl-3">
            {#if effect.what === 'BEGINS' || effect.what === 'GOES_ON'}
              <strong>{effect.policy}</strong>
              {effect.what === 'BEGINS' ? 'begins' : 'goes on'} on {day(effect.on)}.
            {:else if effect.what === 'NEVER_BEGINS'}
              <strong>{effect.policy}</strong> would have begun on {day(effect.on)} and does not.
            {:else if effect.what === 'STAYS_ENDED'}
              <strong>{effect.policy}</strong> ended on {day(effect.on)} and stays ended: a policy is
              joined once in an employment.
            {:else}
              <strong>{effect.policy}</strong> ends on {day(effect.on)}, with
              <strong>{withUnit(effect.left ?? '0', effect.unit)}</strong> left as forecast today.
              <label class="mt-1 block">
                What is left
                <select
                  class="select w-64"
                  aria-label={`What is left of ${effect.policy}`}
                  bind:value={endings[effect.policyId]}
                >
                  {#each effect.canGoOnIn as target (target.id)}
                    <option value={`MOVE ${target.id}`}>goes on in {target.name}</option>
                  {/each}
                  <option value="PAY_OUT">is paid out</option>
                  <option value="LAPSE">lapses</option>
                </select>
              </label>
              {#if effect.bookedAfter && isPositive(effect.bookedAfter)}
                <p class="mt-1">
                  {withUnit(effect.bookedAfter, effect.unit)} of approved leave lie after that day and
                  would count for nothing; cancel them or enter them under another policy.
                </p>
              {/if}
            {/if}
          </div>
        {:else}
          <p class="quiet">No enrolment begins or ends.</p>
        {/each}
      </section>
    {/if}
    {#if from && from < session.current.today}
      <p class="border-l-4 border-accent bg-base-200 px-3 py-1">
        That day is in the past. What closed runs posted since is corrected by the next one.
      </p>
    {/if}
    <ProblemNote problem={work.problem} besides={['from', 'approverId']} />
    <button
      class="btn btn-primary"
      disabled={work.busy || !changed || !from || work.problem !== null}
      >Change it from then on</button
    >
  </form>
</SidePanel>
