<script lang="ts">
  import { push, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { RequestSummary } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { span, withUnit } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import StateMark from '../common/StateMark.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import EnterLeave from './EnterLeave.svelte';
  import OpenRequest from './OpenRequest.svelte';
  import { Work } from '../common/work.svelte';

  let { params }: { params?: { id?: string } } = $props();

  const SIZE = 40;

  let show = $state<'WAITING' | 'ALL'>('WAITING');
  let page = $state(0);
  let queue = $state<{ items: RequestSummary[]; total: number } | null>(null);
  const work = new Work();
  let entering = $state(false);

  const open = $derived(params?.id ? Number(params.id) : (queue?.items[0]?.id ?? null));

  async function load() {
    const state: RequestSummary['state'][] = show === 'WAITING' ? ['WAITING'] : [];
    await work.do(async () => {
      queue = await answer(
        api.GET('/api/requests', { params: { query: { state, page, size: SIZE } } }),
      );
    });
  }

  $effect(() => {
    void load();
  });

  /** On to the next one, unless somebody went elsewhere meanwhile. */
  async function next() {
    const place = router.location;
    await load();
    if (router.location === place) push('/requests');
  }
</script>

<div class="mb-3 flex items-end gap-6">
  <h1>Requests</h1>
  <fieldset class="flex gap-4">
    <legend class="sr-only">Which requests</legend>
    <label class="flex items-center gap-1.5">
      <input type="radio" class="radio radio-sm" value="WAITING" bind:group={show} /> Waiting
    </label>
    <label class="flex items-center gap-1.5">
      <input type="radio" class="radio radio-sm" value="ALL" bind:group={show} /> All
    </label>
  </fieldset>
  {#if session.may('ENTER_LEAVE')}
    <span class="ml-auto flex gap-3">
      <a class="btn" href="#/requests/file">Leave from a file</a>
      <button class="btn btn-primary" onclick={() => (entering = true)}>Enter leave</button>
    </span>
  {/if}
</div>
{#if entering}
  <EnterLeave
    close={() => (entering = false)}
    done={() => {
      entering = false;
      void load();
    }}
  />
{/if}
<ProblemNote problem={work.problem} />
{#if queue === null}
  {#if !work.problem}<Waiting what="Fetching requests" />{/if}
{:else if queue.items.length === 0}
  <Empty><p>No request waits for you.</p></Empty>
{:else}
  <div class="grid gap-6 lg:grid-cols-[19rem_1fr]">
    <div>
      <ul class="sheet divide-y divide-base-300" use:listKeys>
        {#each queue.items as request (request.id)}
          <li>
            <a
              data-row
              href={`#/requests/${request.id}`}
              aria-current={request.id === open ? 'true' : undefined}
              class={[
                'block border-l-4 px-3 py-2',
                request.id === open ? 'border-primary bg-base-200' : 'border-transparent',
              ]}
            >
              <span class="flex justify-between gap-2">
                <span class="font-semibold">{request.person}</span>
                {#if show === 'ALL'}<StateMark state={request.state} />{/if}
              </span>
              <span class="block">{span(request.first, request.last)}</span>
              <span class="quiet block text-sm">
                {request.policy}, {withUnit(request.total, request.unit)}
              </span>
            </a>
          </li>
        {/each}
      </ul>
      <Pager total={queue.total} size={SIZE} bind:page what="requests" />
    </div>
    <div class="min-w-0">
      {#if open !== null}
        <OpenRequest id={open} decided={next} />
      {/if}
    </div>
  </div>
{/if}
