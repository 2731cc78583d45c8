<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { DoubledPeople, Organisation, Policy } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day, peopleCounted, words } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { asOf } from '../frame/asof.svelte';
  import { coverageWords } from './coverage';
  import GeneralSignOffs from './GeneralSignOffs.svelte';
  import { Work } from '../common/work.svelte';

  let policies = $state<Policy[] | null>(null);
  let organisation = $state<Organisation | null>(null);
  let doubled = $state.raw<DoubledPeople | null>(null);
  const work = new Work();
  let signOffs = $state(false);

  $effect(() => {
    Promise.all([answer(api.GET('/api/policies')), answer(api.GET('/api/organisation'))]).then(
      ([loaded, groups]) => {
        policies = loaded;
        organisation = groups;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  $effect(() => {
    answer(api.GET('/api/policies/doubled', { params: { query: { on: asOf.day } } })).then(
      (found) => (doubled = found),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  const isDraft = (policy: Policy) => policy.versions.every((each) => each.state === 'DRAFT');
  const groups = $derived([
    {
      title: null,
      policies: (policies ?? []).filter((each) => !each.retired && !isDraft(each)),
    },
    {
      title: 'Drafts',
      policies: (policies ?? []).filter((each) => !each.retired && isDraft(each)),
    },
    { title: 'Retired', policies: (policies ?? []).filter((each) => each.retired) },
  ]);

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
  <div class="flex gap-2">
    <button class="btn" onclick={() => (signOffs = true)}>Sign-offs in general</button>
    <a class="btn btn-primary" href="#/policies/new">Write a policy</a>
  </div>
</div>
<ProblemNote problem={work.problem} />
{#if policies === null}
  {#if !work.problem}<Waiting what="Fetching policies" />{/if}
{:else if policies.length === 0}
  <Empty
    ><p>No policy yet. Write the first one; it stays a draft until you put it in force.</p></Empty
  >
{:else}
  {#if doubled !== null && doubled.total > 0}
    <details class="mb-3 max-w-5xl border-l-4 border-accent bg-base-200 px-3 py-1" data-doubled>
      <summary class="cursor-pointer">
        {doubled.total === 1 ? '1 person is' : `${doubled.total} people are`} covered twice, or not at
        all, for a kind of absence
      </summary>
      <ul>
        {#each doubled.items as each (`${each.personId} ${each.kind}`)}
          <li>
            <a class="underline" href={`#/people/${each.personId}`}>{each.person}</a>: {each
              .policies.length === 0
              ? `no policy for ${words(each.kind).toLowerCase()}`
              : each.policies.join(' and ')}
          </li>
        {/each}
      </ul>
      {#if doubled.total > doubled.items.length}
        <p class="quiet">And {peopleCounted(doubled.total - doubled.items.length)} more.</p>
      {/if}
    </details>
  {/if}
  <div use:listKeys>
    {#each groups.filter((each) => each.policies.length > 0) as group (group.title)}
      {#if group.title}<h2 class="mt-6 mb-1">{group.title}</h2>{/if}
      <ul class="sheet max-w-5xl divide-y divide-base-300">
        {#each group.policies as policy (policy.id)}
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
                {(current ?? coming ?? policy.versions[0]!).words.summary}
              </p>
            </div>
            <p class="max-w-56 text-right text-sm">
              {#if policy.retired}
                Retired after {day(policy.retired)}
              {:else}
                {organisation && policy.coverage
                  ? `For ${coverageWords(policy.coverage, organisation)}: `
                  : ''}{peopleCounted(policy.people)}<br />
                {#if current}In force since {day(current.starts!)}{:else}Not in force{/if}
                {#if coming}<br />changes on {day(coming.starts!)}{/if}
                {#if drafts(policy) > 0}<br /><span class="font-semibold">Draft waiting</span>{/if}
              {/if}
            </p>
          </li>
        {/each}
      </ul>
    {/each}
  </div>
{/if}
{#if signOffs}<GeneralSignOffs close={() => (signOffs = false)} />{/if}
