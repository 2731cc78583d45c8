<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { NewPolicy, RuleConflict, Terms } from '../api/types';
  import { words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import SampleSide from './SampleSide.svelte';
  import Sentences from './Sentences.svelte';
  import { STARTS, type Start } from './terms';

  const KINDS: NewPolicy['kind'][] = [
    'VACATION',
    'SICK',
    'PERSONAL',
    'VOLUNTEERING',
    'TRAINING',
    'BEREAVEMENT',
    'TIME_IN_LIEU',
    'HOLIDAY',
    'UNPAID',
    'UNEXPLAINED_ABSENCE',
    'OTHER',
  ];

  const HIRE_ANNIVERSARY = 'hire-anniversary';
  const QUESTIONS: ['noteRequired' | 'holidaysCost' | 'daysOffCost', string][] = [
    ['noteRequired', 'A note is needed.'],
    ['holidaysCost', 'Holidays cost like any working day.'],
    ['daysOffCost', 'Days off the schedule cost a day.'],
  ];

  let policy = $state<NewPolicy | null>(null);
  let problem = $state<Problem | null>(null);
  let refused = $state<Problem | null>(null);
  let conflicts = $state<RuleConflict[]>([]);
  let busy = $state(false);

  function begin(start: Start) {
    policy = structuredClone({ ...start.policy, name: '', payrollCode: '' });
  }

  async function save() {
    if (!policy) return;
    busy = true;
    refused = null;
    try {
      const written = await answer(
        api.POST('/api/policies', { body: $state.snapshot(policy) as NewPolicy }),
      );
      said.say('Written as a draft. Nobody is touched until you put it in force.');
      push(`/policies/${written.id}`);
    } catch (thrown) {
      refused = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }
</script>

<h1 class="mb-4">Write a policy</h1>
{#if policy === null}
  <p class="mb-3">Begin with the shape that is nearest. Every figure can be changed.</p>
  <ul class="grid max-w-4xl gap-4 md:grid-cols-2">
    {#each STARTS as start (start.name)}
      <li>
        <button
          class="sheet h-full w-full border-l-4 border-l-secondary p-4 text-left hover:bg-base-200 dark:border-l-info"
          onclick={() => begin(start)}
        >
          <span class="block text-lg font-semibold">{start.name}</span>
          {start.about}
        </button>
      </li>
    {/each}
  </ul>
{:else}
  <div class="grid gap-8 xl:grid-cols-[1fr_27rem]">
    <div>
      <div class="mb-5 flex flex-wrap gap-4">
        <label>
          <span class="block text-sm font-semibold">Name</span>
          <input class="input w-56" name="policy-name" bind:value={policy.name} />
        </label>
        <label>
          <span class="block text-sm font-semibold">Kind of absence</span>
          <select class="select w-44" bind:value={policy.kind}>
            {#each KINDS as kind (kind)}<option value={kind}>{words(kind)}</option>{/each}
          </select>
        </label>
        <label>
          <span class="block text-sm font-semibold">Counted in</span>
          <select class="select w-28" bind:value={policy.unit}>
            <option value="HOURS">Hours</option><option value="DAYS">Days</option>
          </select>
        </label>
        <label>
          <span class="block text-sm font-semibold">Payroll code</span>
          <input class="input w-28" name="payroll-code" bind:value={policy.payrollCode} />
        </label>
        <label class="flex items-center gap-2 self-end pb-2">
          <input type="checkbox" class="checkbox checkbox-sm" bind:checked={policy.paid} /> Paid
        </label>
      </div>
      <Sentences bind:terms={policy.terms as Terms} unit={policy.unit} {problem} {conflicts} />
      <p class="mt-4 max-w-2xl text-lg leading-relaxed">
        The benefit year begins
        <Choice
          name="Beginning of the benefit year"
          choices={[
            ['date', 'on the'],
            ['hire', 'on each hire anniversary'],
          ]}
          bind:value={
            () => (policy!.benefitYear === HIRE_ANNIVERSARY ? 'hire' : 'date'),
            (chosen) => (policy!.benefitYear = chosen === 'hire' ? HIRE_ANNIVERSARY : '01-01')
          }
        />{#if policy.benefitYear !== HIRE_ANNIVERSARY}
          <Blank
            wide
            name="First day of the benefit year, month and day"
            field="benefitYear"
            problemAt={problem?.field}
            bind:value={policy.benefitYear}
          />
          <span class="quiet text-base">(month and day)</span>{/if}.
        {#if problem?.field === 'benefitYear'}
          <span role="alert" class="block border-l-4 border-error pl-2 text-base text-error"
            >{problem.message}</span
          >
        {/if}
      </p>
      <h2 class="mt-6 mb-1">When it is asked for</h2>
      <ul class="space-y-1.5">
        <li>
          <label class="flex items-center gap-2">
            A request is sent at least
            <input
              class="w-12 border-b-2 border-primary/50 bg-transparent text-center font-semibold text-primary"
              type="number"
              min="0"
              max="365"
              bind:value={policy.rules.noticeDays}
            /> days before its first day.
          </label>
        </li>
        <li>
          It is asked for in
          <Choice
            name="Parts of a day"
            choices={[
              ['HOURS', 'whole days, half days or hours'],
              ['HALF_DAYS', 'whole or half days'],
              ['WHOLE_DAYS', 'whole days'],
            ]}
            bind:value={policy.rules.leaveIn}
          />{#if policy.rules.leaveIn === 'HOURS' || policy.rules.smallestStep !== null}, hours in
            steps of
            <Blank
              name="Smallest step in hours"
              field="rules.smallestStep"
              problemAt={problem?.field}
              bind:value={policy.rules.smallestStep}
            />
            hours <span class="quiet">(empty: any)</span>{/if}.
          {#each conflicts.filter( (each) => each.field.startsWith('rules.') ) as conflict (conflict.message)}
            <p role="status" class="border-l-4 border-accent bg-base-200 pl-2" data-conflict>
              Does this go together? {conflict.message}
            </p>
          {/each}
        </li>
        {#each QUESTIONS as [question, text] (question)}
          <li>
            <label class="flex items-center gap-2">
              <input
                type="checkbox"
                class="checkbox checkbox-sm"
                bind:checked={policy.rules[question]}
              />
              {text}
            </label>
          </li>
        {/each}
      </ul>
      <div class="mt-5"><ProblemNote problem={refused} /></div>
      <div class="mt-4 flex gap-3">
        <button class="btn btn-primary" disabled={busy} onclick={save}>Keep as a draft</button>
        <button class="btn btn-ghost" onclick={() => (policy = null)}>Another shape</button>
      </div>
    </div>
    <div>
      <SampleSide
        terms={policy.terms as Terms}
        unit={policy.unit}
        benefitYear={policy.benefitYear}
        rules={policy.rules}
        bind:problem
        bind:conflicts
      />
    </div>
  </div>
{/if}
