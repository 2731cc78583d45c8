<script lang="ts">
  import { answer, api } from '../api/client';
  import type { EnrolmentView, OwnPolicies, Person } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import EndEnrolment from './EndEnrolment.svelte';
  import { exceptionWords } from './exceptions';
  import MakeException from './MakeException.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person,
    own,
    changed,
  }: { person: Person; own: OwnPolicies; changed: (own: OwnPolicies) => void } = $props();

  const LEFT = {
    LAPSE: 'what is left lapses',
    PAY_OUT: 'what is left is paid out',
    MOVE: 'what is left goes on',
  };

  let making = $state(false);
  let ending = $state<EnrolmentView | null>(null);
  const work = new Work();

  function policyName(policyId: number): string {
    return own.enrolments.find((each) => each.policyId === policyId)?.policy ?? 'a policy';
  }

  function finish(result: OwnPolicies, words: string) {
    making = false;
    ending = null;
    work.problem = null;
    said.say(words);
    changed(result);
  }

  async function attempt(call: () => Promise<OwnPolicies>, words: string) {
    await work.do(async () => {
      finish(await call(), words);
    });
  }

  function takeBackEnd(policyId: number) {
    return attempt(
      () =>
        answer(
          api.DELETE('/api/people/{personId}/policies/{policyId}/end', {
            params: { path: { personId: person.id, policyId } },
          }),
        ),
      'The enrolment goes on as if it had not ended.',
    );
  }

  function takeBackException(id: number) {
    return attempt(
      () =>
        answer(
          api.DELETE('/api/people/{personId}/exceptions/{id}', {
            params: { path: { personId: person.id, id } },
          }),
        ),
      'The exception is taken back.',
    );
  }
</script>

<div class="flex items-end justify-between gap-4">
  <h2 class="mt-7 mb-1">Policies and exceptions</h2>
  {#if !person.namelessSince}
    <button
      class="btn btn-sm"
      disabled={own.enrolments.length === 0}
      onclick={() => (making = true)}>Make an exception</button
    >
  {/if}
</div>
<ProblemNote problem={work.problem} />
{#if own.enrolments.length === 0}
  <Empty><p>Not enrolled in any policy: none in force covers them.</p></Empty>
{:else}
  <ul class="divide-y divide-base-300" data-enrolments>
    {#each own.enrolments as each (each.policyId)}
      <li class="flex flex-wrap items-baseline justify-between gap-x-4 py-1">
        <span>
          <a class="underline" href={`#/policies/${each.policyId}`}>{each.policy}</a>
          from {day(each.from)}{each.ends
            ? ` to ${day(each.ends)}, ${LEFT[each.balance!]}${each.movedTo ? ` in ${each.movedTo}` : ''}`
            : ''}
        </span>
        {#if !person.namelessSince && each.ends}
          <button class="text-sm underline" onclick={() => takeBackEnd(each.policyId)}
            >Take the end back</button
          >
        {:else if !person.namelessSince}
          <button class="text-sm underline" onclick={() => (ending = each)}>End it</button>
        {/if}
      </li>
    {/each}
    {#each own.exceptions as exception (exception.id)}
      <li class="flex flex-wrap items-baseline justify-between gap-x-4 py-1">
        <span>
          <strong>Exception</strong> in {policyName(exception.policyId)} from {day(
            exception.from,
          )}{exception.to ? ` to ${day(exception.to)}` : ''}: {exceptionWords(exception.figures)}.
          <span class="quiet">“{exception.reason}”, {exception.author}</span>
        </span>
        {#if !person.namelessSince}
          <button class="text-sm underline" onclick={() => takeBackException(exception.id)}
            >Take back</button
          >
        {/if}
      </li>
    {/each}
  </ul>
{/if}
{#if making}
  <MakeException
    {person}
    enrolments={own.enrolments}
    close={() => (making = false)}
    done={finish}
  />
{/if}
{#if ending}
  <EndEnrolment
    {person}
    enrolment={ending}
    others={own.enrolments}
    close={() => (ending = null)}
    done={(result) => finish(result, 'The enrolment ends on that day.')}
  />
{/if}
