<script lang="ts">
  import type { Problem } from '../api/problem';
  import type { RequestRules, RuleConflict } from '../api/types';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import SignOffPath from './SignOffPath.svelte';

  let {
    rules = $bindable(),
    problem = null,
    conflicts = [],
  }: { rules: RequestRules; problem?: Problem | null; conflicts?: RuleConflict[] } = $props();

  const QUESTIONS: ['noteRequired' | 'holidaysCost' | 'daysOffCost', string][] = [
    ['noteRequired', 'A note is needed.'],
    ['holidaysCost', 'Holidays cost like any working day.'],
    ['daysOffCost', 'Days off the schedule cost a day.'],
  ];
</script>

<ul class="space-y-1.5" data-request-rules>
  <li>
    <Choice
      name="Who asks for it"
      choices={[
        ['yes', 'People ask for it themselves,'],
        ['no', 'Only payroll enters it,'],
      ]}
      bind:value={
        () => (rules.employeesAsk === false ? 'no' : 'yes'),
        (chosen) => (rules.employeesAsk = chosen === 'yes')
      }
    />
    {rules.employeesAsk === false ? 'nobody asks for it.' : 'or payroll enters it.'}
  </li>
  <li>
    <label class="flex items-center gap-2">
      A request is sent at least
      <input
        class="w-12 border-b-2 border-primary/50 bg-transparent text-center font-semibold text-primary"
        type="number"
        name="notice-days"
        min="0"
        max="365"
        bind:value={rules.noticeDays}
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
      bind:value={rules.leaveIn}
    />{#if rules.leaveIn === 'HOURS' || rules.smallestStep !== null}, hours in steps of
      <Blank
        name="Smallest step in hours"
        field="rules.smallestStep"
        problemAt={problem?.field}
        bind:value={rules.smallestStep}
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
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={rules[question]} />
        {text}
      </label>
    </li>
  {/each}
  <li>
    {#if rules.lieuRate === null}
      <button type="button" class="underline" onclick={() => (rules.lieuRate = '1')}
        >+ extra hours become this time</button
      >
    {:else}
      An extra hour that is not paid becomes
      <Blank
        name="Hours for each extra hour"
        field="rules.lieuRate"
        problemAt={problem?.field}
        bind:value={rules.lieuRate}
      />
      hours of this time.
      <button type="button" class="underline" onclick={() => (rules.lieuRate = null)}>remove</button
      >
    {/if}
  </li>
  <li>
    {#if rules.documentFromDays === null}
      <button type="button" class="underline" onclick={() => (rules.documentFromDays = 3)}
        >+ a document is needed</button
      >
    {:else}
      A document is needed from
      <input
        class="w-12 border-b-2 border-primary/50 bg-transparent text-center font-semibold text-primary"
        type="number"
        name="document-from-days"
        min="1"
        max="365"
        bind:value={rules.documentFromDays}
      />
      days on.
      <button type="button" class="underline" onclick={() => (rules.documentFromDays = null)}
        >remove</button
      >
    {/if}
  </li>
  {#each rules.questions.keys() as at (at)}
    <li class="flex items-center gap-2">
      Whoever asks answers
      <input
        class="input w-72"
        aria-label={`Question ${at + 1}`}
        bind:value={rules.questions[at]}
      />
      <button
        type="button"
        class="underline"
        onclick={() => (rules.questions = rules.questions.filter((_, index) => index !== at))}
        >remove</button
      >
    </li>
  {/each}
  {#if rules.questions.length < 5}
    <li>
      <button
        type="button"
        class="underline"
        onclick={() => (rules.questions = [...rules.questions, ''])}
        >+ a question of your own</button
      >
    </li>
  {/if}
  <li>
    Besides those who decide, it is seen by
    <Choice
      name="Who sees it"
      choices={[
        ['NOBODY', 'nobody'],
        ['TEAM', 'the team'],
        ['EVERYBODY', 'everybody'],
      ]}
      bind:value={rules.seenBy}
    />{#if rules.seenBy !== 'NOBODY'}, who
      <Choice
        name="Whether its kind shows"
        choices={[
          ['no', 'do not see what it is'],
          ['yes', 'see what it is'],
        ]}
        bind:value={
          () => (rules.kindShows ? 'yes' : 'no'), (chosen) => (rules.kindShows = chosen === 'yes')
        }
      />{/if}.
  </li>
  <li>
    It is signed off
    <Choice
      name="Sign-off path"
      choices={[
        ['general', 'as in general'],
        ['own', 'on a path of its own'],
      ]}
      bind:value={
        () => (rules.signOffs === null ? 'general' : 'own'),
        (chosen) =>
          (rules.signOffs =
            chosen === 'own' ? [{ by: 'APPROVER', role: null, personId: null }] : null)
      }
    />{#if rules.signOffs !== null}:{/if}
    {#if rules.signOffs !== null}
      <div class="mt-2"><SignOffPath bind:path={rules.signOffs} /></div>
    {/if}
  </li>
</ul>
