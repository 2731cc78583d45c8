<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { DayEffect, EnrolmentView, OwnFigures, OwnPolicies, Person } from '../api/types';
  import Field from '../common/Field.svelte';
  import { day, unitName, withUnit } from '../common/format';
  import { latest } from '../common/latest';
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
    done: (own: OwnPolicies, words: string) => void;
    close: () => void;
  } = $props();

  let once = $state(false);
  let extra = $state('');
  let effects = $state<DayEffect[] | null>(null);
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

  const says = $derived(Object.values(figures).some((each) => each !== null));

  const ask = latest<DayEffect[]>();

  /** What it would do is said beside what is typed. */
  $effect(() => {
    effects = null;
    if (once || policyId === null || !from || !says) return;
    const body = { policyId, from, to: to || null, figures };
    const timer = window.setTimeout(() => {
      ask(
        answer(
          api.POST('/api/people/{personId}/exceptions/effect', {
            params: { path: { personId: person.id } },
            body,
          }),
        ),
        (told) => {
          problem = null;
          effects = told;
        },
        (thrown) => (problem = Problem.of(thrown)),
      );
    }, 300);
    return () => window.clearTimeout(timer);
  });

  const changesNothing = $derived(effects?.every((each) => each.before === each.after) ?? false);

  async function give(policy: number): Promise<string> {
    await answer(
      api.POST('/api/people/{personId}/balances/{policyId}/adjustments', {
        params: { path: { personId: person.id, policyId: policy } },
        body: { on: from, amount: figure(extra), reason },
      }),
    );
    return 'It is added to the balance, once.';
  }

  async function except(policy: number): Promise<string> {
    await answer(
      api.POST('/api/people/{personId}/exceptions', {
        params: { path: { personId: person.id } },
        body: { policyId: policy, from, to: to || null, figures, reason },
      }),
    );
    return 'The exception holds. Balances follow it.';
  }

  async function make(event: SubmitEvent) {
    event.preventDefault();
    if (policyId === null) {
      problem = new Problem('Please choose a policy.');
      return;
    }
    busy = true;
    problem = null;
    try {
      const words = await (once ? give(policyId) : except(policyId));
      done(
        await answer(
          api.GET('/api/people/{personId}/policies', {
            params: { path: { personId: person.id } },
          }),
        ),
        words,
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
    <fieldset class="space-y-1">
      <legend class="text-sm font-semibold">What is meant</legend>
      <label class="flex items-center gap-2">
        <input type="radio" class="radio radio-sm" value={false} bind:group={once} />
        Other figures from a day on; what stays empty is as the policy says
      </label>
      <label class="flex items-center gap-2">
        <input type="radio" class="radio radio-sm" value={true} bind:group={once} />
        Some time extra, once
      </label>
    </fieldset>
    <label class="block">
      <span class="block text-sm font-semibold">Policy</span>
      <select class="select w-64" name="policy" bind:value={policyId}>
        <option value={null}>choose</option>
        {#each enrolments.filter((each) => each.ends === null) as each (each.policyId)}
          <option value={each.policyId}>{each.policy}</option>
        {/each}
      </select>
    </label>
    {#if once}
      <div class="flex gap-4">
        <Field
          label={chosen ? `Extra, in ${unitName(chosen.unit)}` : 'Extra'}
          field="amount"
          {problem}
        >
          <input class="input w-32" inputmode="decimal" name="extra" bind:value={extra} />
        </Field>
        <Field label="On" field="on" {problem}>
          <DateField class="input w-44" name="on" bind:value={from} />
        </Field>
      </div>
    {:else}
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
              <select
                class="select w-28"
                aria-label={`Unit of ${label}`}
                bind:value={waits[name].in}
              >
                <option value="DAYS">days</option><option value="MONTHS">months</option>
              </select>
            </div>
          </div>
        {/each}
      </div>
      {#if problem?.isAt('figures')}<p role="alert" class="text-error">{problem.message}</p>{/if}
      {#if effects && chosen}
        <div data-effect>
          {#if changesNothing}
            <p class="border-l-4 border-accent pl-2">
              It would change nothing through {day(effects.at(-1)!.on)}: a grant already given stays
              as it was, and carrying over asks for its figure only at the turn of the year.
            </p>
          {:else}
            <table class="figures">
              <thead
                ><tr
                  ><th>Balance on</th><th class="number">Without it</th><th class="number"
                    >With it</th
                  ></tr
                ></thead
              >
              <tbody>
                {#each effects as effect (effect.on)}
                  <tr>
                    <td>{day(effect.on)}</td>
                    <td class="number">{withUnit(effect.before, chosen.unit)}</td>
                    <td class="number font-semibold">{withUnit(effect.after, chosen.unit)}</td>
                  </tr>
                {/each}
              </tbody>
            </table>
          {/if}
        </div>
      {/if}
    {/if}
    <Field label="Why" field="reason" {problem}>
      <textarea class="textarea w-full" rows="2" name="reason" bind:value={reason}></textarea>
    </Field>
    <ProblemNote {problem} besides={['from', 'to', 'figures', 'reason', 'amount', 'on']} />
    <button
      class="btn btn-primary"
      disabled={busy || !from || reason.trim() === '' || (once && extra.trim() === '')}
      >{once ? 'Add it to the balance' : 'Make the exception'}</button
    >
  </form>
</SidePanel>
