<script lang="ts">
  import { untrack } from 'svelte';
  import type { EnrolmentView, OwnPolicies, Person } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Field from '../common/Field.svelte';
  import { day, unitName, withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { ExceptionForm, FIGURES, WAITS } from './exception.svelte';

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

  const form = new ExceptionForm(untrack(() => person.id));
  const { work } = form;

  const chosen = $derived(enrolments.find((each) => each.policyId === form.policyId));
  const problem = $derived(work.problem);

  $effect(() => form.tellSoon());
</script>

<SidePanel title={`An exception for ${person.name}`} {close}>
  <form
    class="space-y-4"
    onsubmit={(event) => {
      event.preventDefault();
      void form.make(done);
    }}
  >
    <fieldset class="space-y-1">
      <legend class="text-sm font-semibold">What is meant</legend>
      <label class="flex items-center gap-2">
        <input type="radio" class="radio radio-sm" value={false} bind:group={form.once} />
        Other figures from a day on; what stays empty is as the policy says
      </label>
      <label class="flex items-center gap-2">
        <input type="radio" class="radio radio-sm" value={true} bind:group={form.once} />
        Some time extra, once
      </label>
    </fieldset>
    <label class="block">
      <span class="block text-sm font-semibold">Policy</span>
      <select class="select w-64" name="policy" bind:value={form.policyId}>
        <option value={null}>choose</option>
        {#each enrolments.filter((each) => each.ends === null) as each (each.policyId)}
          <option value={each.policyId}>{each.policy}</option>
        {/each}
      </select>
    </label>
    {#if form.once}
      <div class="flex gap-4">
        <Field
          label={chosen ? `Extra, in ${unitName(chosen.unit)}` : 'Extra'}
          field="amount"
          {problem}
        >
          <input class="input w-32" inputmode="decimal" name="extra" bind:value={form.extra} />
        </Field>
        <Field label="On" field="on" {problem}>
          <DateField class="input w-44" name="on" bind:value={form.from} />
        </Field>
      </div>
    {:else}
      <div class="flex gap-4">
        <Field label="From" field="from" {problem}>
          <DateField class="input w-44" name="from" bind:value={form.from} />
        </Field>
        <Field label="To, if it ends" field="to" {problem}>
          <DateField class="input w-44" name="to" bind:value={form.to} />
        </Field>
      </div>
      <div class="grid grid-cols-2 gap-3">
        {#each FIGURES as [name, label] (name)}
          <label class="block text-sm">
            {label}{chosen ? ` (${unitName(chosen.unit)})` : ''}
            <input class="input w-full" inputmode="decimal" {name} bind:value={form.typed[name]} />
          </label>
        {/each}
        {#each WAITS as [name, label] (name)}
          <div class="text-sm">
            <label for={name}>{label}</label>
            <div class="flex gap-1">
              <input
                id={name}
                class="input w-20"
                inputmode="numeric"
                bind:value={form.waits[name].count}
              />
              <select
                class="select w-28"
                aria-label={`Unit of ${label}`}
                bind:value={form.waits[name].in}
              >
                <option value="days">days</option><option value="months">months</option>
              </select>
            </div>
          </div>
        {/each}
      </div>
      {#if problem?.isAt('figures')}<p role="alert" class="text-error">{problem.message}</p>{/if}
      {#if form.effects && chosen}
        <div data-effect>
          {#if form.changesNothing}
            <p class="border-l-4 border-accent pl-2">
              It would change nothing through {day(form.effects.at(-1)!.on)}: a grant already given
              stays as it was, and carrying over asks for its figure only at the turn of the year.
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
                {#each form.effects as effect (effect.on)}
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
      <textarea class="textarea w-full" rows="2" name="reason" bind:value={form.reason}></textarea>
    </Field>
    <ProblemNote {problem} besides={['from', 'to', 'figures', 'reason', 'amount', 'on']} />
    <button class="btn btn-primary" disabled={work.busy || !form.isComplete}
      >{form.once ? 'Add it to the balance' : 'Make the exception'}</button
    >
  </form>
</SidePanel>
