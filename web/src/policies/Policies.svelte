<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Policy } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, words } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { sentence } from './sentence';

  let policies = $state<Policy[] | null>(null);
  let problem = $state<Problem | null>(null);

  $effect(() => {
    answer(api.GET('/api/policies')).then(
      (loaded) => (policies = loaded),
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  function inForce(policy: Policy) {
    return policy.versions.findLast((each) => each.starts !== null && each.starts <= asOf.day);
  }

  function next(policy: Policy) {
    return policy.versions.find((each) => each.starts !== null && each.starts > asOf.day);
  }

  function drafts(policy: Policy): number {
    return policy.versions.filter((each) => each.state === 'DRAFT').length;
  }
</script>

<div class="mb-4 flex items-end justify-between">
  <h1>Policies</h1>
  <a class="btn btn-primary" href="#/policies/new">Write a policy</a>
</div>
<ProblemNote {problem} />
{#if policies === null}
  {#if !problem}<Waiting what="Fetching policies" />{/if}
{:else if policies.length === 0}
  <Empty
    ><p>No policy yet. Write the first one; it stays a draft until you put it in force.</p></Empty
  >
{:else}
  <ul class="sheet max-w-5xl divide-y divide-base-300" use:listKeys>
    {#each policies as policy (policy.id)}
      {@const current = inForce(policy)}
      {@const coming = next(policy)}
      <li class="grid grid-cols-[1fr_auto] gap-x-6 px-4 py-3">
        <div>
          <a
            data-row
            class="text-lg font-semibold underline decoration-base-content/40"
            href={`#/policies/${policy.id}`}>{policy.name}</a
          >
          <span class="quiet ml-2 text-sm"
            >{words(policy.kind)}, {policy.paid ? 'paid' : 'unpaid'}, {policy.payrollCode}</span
          >
          <p>
            {sentence(policy, (current ?? coming ?? policy.versions[0]!).terms)}
          </p>
        </div>
        <p class="text-right text-sm">
          {policy.people} people<br />
          {#if current}In force since {day(current.starts!)}{:else}Not in force{/if}
          {#if coming}<br />changes on {day(coming.starts!)}{/if}
          {#if drafts(policy) > 0}<br /><span class="font-semibold">Draft waiting</span>{/if}
        </p>
      </li>
    {/each}
  </ul>
{/if}
