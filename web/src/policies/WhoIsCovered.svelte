<script lang="ts">
  import { soon } from '../common/soon';
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Coverage, Ending, Organisation, PersonEffect, Policy } from '../api/types';
  import Field from '../common/Field.svelte';
  import { exactSum } from '../common/decimal';
  import { day, withUnit } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import CoverageChoice from './CoverageChoice.svelte';
  import { EVERYBODY } from './coverage';
  import { Work } from '../common/work.svelte';

  let {
    policy,
    organisation,
    done,
    close,
  }: {
    policy: Policy;
    organisation: Organisation;
    done: (policy: Policy) => void;
    close: () => void;
  } = $props();

  const WHAT: Record<PersonEffect['what'], string> = {
    BEGINS: 'begins on',
    GOES_ON: 'goes on from',
    ENDS: 'ends on',
    NEVER_BEGINS: 'does not begin, which it would have on',
    STAYS_ENDED: 'stays ended since',
  };
  const SHOWN = 200;

  let coverage = $state<Coverage>(
    untrack(() => structuredClone($state.snapshot(policy.coverage) as Coverage) ?? EVERYBODY),
  );
  let from = $state(session.current.today);
  let effects = $state<PersonEffect[] | null>(null);
  let balance = $state<Ending['balance'] | ''>('');
  const work = new Work();

  const ask = latest<PersonEffect[]>();

  const changed = $derived(JSON.stringify(coverage) !== JSON.stringify(policy.coverage));
  const ending = $derived(effects?.filter((each) => each.what === 'ENDS') ?? []);

  $effect(() => {
    const body = { from, coverage: $state.snapshot(coverage) as Coverage };
    if (!from || !changed) {
      effects = null;
      return;
    }
    return soon(() => {
      ask(
        answer(
          api.POST('/api/policies/{policyId}/coverage/preview', {
            params: { path: { policyId: policy.id } },
            body,
          }),
        ),
        (found) => {
          effects = found;
          work.problem = null;
        },
        (thrown) => (work.problem = Problem.of(thrown)),
      );
    }, 150);
  });

  async function cover() {
    await work.do(async () => {
      done(
        await answer(
          api.PUT('/api/policies/{id}/coverage', {
            params: { path: { id: policy.id } },
            body: {
              from,
              coverage: $state.snapshot(coverage) as Coverage,
              ending: balance === '' ? null : { balance, movedTo: null },
            },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`Whom ${policy.name} covers`} {close}>
  <div class="space-y-4">
    <p class="quiet">
      New starters and people who move are enrolled by this without anyone typing; the enrolment of
      whoever it covers no longer ends.
    </p>
    <CoverageChoice bind:coverage {organisation} />
    <Field label="From" field="from" problem={work.problem}>
      <DateField class="input w-44" name="from" bind:value={from} />
    </Field>
    {#if effects}
      <section data-effects>
        {#if effects.length === 0}
          <p>Nobody’s enrolment begins or ends by this.</p>
        {:else}
          {#if ending.length > 0}
            <div class="mb-2 border-l-4 border-accent bg-base-200 px-3 py-2">
              {ending.length === 1 ? '1 enrolment ends' : `${ending.length} enrolments end`}, with
              <strong>{withUnit(exactSum(ending.map((each) => each.left)), policy.unit)}</strong>
              left together.
              <label class="mt-1 block">
                What is left
                <select class="select w-48" name="ending" bind:value={balance}>
                  <option value="">choose</option>
                  <option value="PAY_OUT">is paid out</option>
                  <option value="LAPSE">lapses</option>
                </select>
              </label>
            </div>
          {/if}
          <ul class="max-h-72 divide-y divide-base-300 overflow-y-auto">
            {#each effects.slice(0, SHOWN) as each (each.personId)}
              <li class="py-1">
                {each.person} <span class="quiet text-sm">{each.team}</span>: {WHAT[each.what]}
                {day(each.on)}{each.what === 'ENDS'
                  ? `, ${withUnit(each.left, policy.unit)} left`
                  : ''}
              </li>
            {/each}
          </ul>
          {#if effects.length > SHOWN}<p class="quiet">and {effects.length - SHOWN} more.</p>{/if}
        {/if}
      </section>
    {/if}
    <ProblemNote problem={work.problem} besides={['from']} />
    <button
      class="btn btn-primary"
      disabled={work.busy || !changed || !from || (ending.length > 0 && balance === '')}
      onclick={cover}>Cover them from then on</button
    >
  </div>
</SidePanel>
