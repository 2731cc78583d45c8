<script lang="ts">
  import { untrack } from 'svelte';
  import { push, router } from 'svelte-spa-router';
  import Empty from '../common/Empty.svelte';
  import { counted, span, withUnit } from '../common/format';
  import { isTyping, listKeys } from '../common/listkeys';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import StateMark from '../common/StateMark.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { entering } from '../frame/entering.svelte';
  import { session } from '../frame/session.svelte';
  import DecideMany from './DecideMany.svelte';
  import EnterForMany from './EnterForMany.svelte';
  import EnterLeave from './EnterLeave.svelte';
  import OpenRequest from './OpenRequest.svelte';
  import { Queue } from './queue.svelte';
  import QueueFilters from './QueueFilters.svelte';
  import StandIns from './StandIns.svelte';

  let { params }: { params?: { id?: string } } = $props();

  const queue = new Queue();
  let panel = $state<'ENTER' | 'FOR_MANY' | 'MANY' | 'STAND_INS' | null>(null);

  const open = $derived(params?.id ? Number(params.id) : (queue.found?.items[0]?.id ?? null));

  $effect(() => queue.begin());

  $effect(() => {
    void entering.done;
    queue.load();
  });

  $effect(() => {
    void queue.address;
    untrack(() => queue.keep(params?.id));
  });

  /** On to the next one, unless somebody went elsewhere meanwhile. */
  function next() {
    const place = router.location;
    queue.load();
    if (router.location === place) void push(`/requests${queue.address}`);
  }

  function onKey(event: KeyboardEvent) {
    if (event.key !== 'n' || isTyping(event) || panel !== null) return;
    const following = queue.after(open);
    if (following !== null) void push(queue.href(following));
  }
</script>

<svelte:window onkeydown={onKey} />

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>Requests</h1>
  <span class="flex flex-wrap gap-3">
    {#if session.current.personId !== null}
      <button class="btn" onclick={() => (panel = 'STAND_INS')}>My stand-ins</button>
    {/if}
    {#if session.may('ENTER_LEAVE')}
      <a class="btn" href="#/requests/file">Leave from a file</a>
      <button class="btn" onclick={() => (panel = 'FOR_MANY')}>Enter for many</button>
      <button class="btn btn-primary" onclick={() => (panel = 'ENTER')}>Enter leave</button>
    {/if}
  </span>
</div>
<QueueFilters {queue} />
{#if panel === 'ENTER'}
  <EnterLeave
    close={() => (panel = null)}
    done={() => {
      panel = null;
      queue.load();
    }}
  />
{:else if panel === 'FOR_MANY'}
  <EnterForMany
    close={() => (panel = null)}
    done={() => {
      panel = null;
      queue.load();
    }}
  />
{:else if panel === 'MANY'}
  <DecideMany
    ids={untrack(() => queue.selected)}
    close={() => (panel = null)}
    decided={() => queue.load()}
  />
{:else if panel === 'STAND_INS'}
  <SidePanel title="My stand-ins" close={() => (panel = null)}>
    <StandIns personId={session.current.personId!} name={session.current.name ?? ''} />
  </SidePanel>
{/if}
<ProblemNote problem={queue.work.problem} />
{#if queue.found === null}
  {#if !queue.work.problem}<Waiting what="Fetching requests" />{/if}
{:else}
  <div class="grid gap-6 lg:grid-cols-[19rem_1fr]">
    <div>
      {#if queue.found.items.length === 0}
        <Empty>
          <p>
            {queue.narrowed
              ? 'No request is like that.'
              : queue.show === 'waiting'
                ? 'No request waits for you.'
                : 'There is no such request yet.'}
          </p>
        </Empty>
      {:else}
        {#if queue.show === 'waiting' && queue.found.items.length > 1}
          <p class="mb-1 flex items-center justify-between text-sm">
            <label class="flex items-center gap-2">
              <input
                type="checkbox"
                class="checkbox checkbox-sm"
                checked={queue.selected.length === queue.found.items.length}
                onchange={() => queue.toggleAll()}
              /> All on this page
            </label>
            <button
              class="btn btn-sm"
              disabled={queue.selected.length === 0}
              onclick={() => (panel = 'MANY')}
              >Decide {queue.selected.length === 0
                ? 'many'
                : counted(queue.selected.length, 'request')}</button
            >
          </p>
        {/if}
        <ul class="sheet divide-y divide-base-300" use:listKeys>
          {#each queue.found.items as request (request.id)}
            <li
              class={[
                'flex',
                request.id === open && 'bg-base-200 shadow-[inset_4px_0_var(--color-primary)]',
              ]}
            >
              {#if queue.show === 'waiting' && queue.found.items.length > 1}
                <input
                  type="checkbox"
                  class="checkbox checkbox-sm mt-3 ml-2"
                  aria-label={`Choose ${request.person}, ${span(request.first, request.last)}`}
                  checked={queue.selected.includes(request.id)}
                  onchange={() => queue.toggle(request.id)}
                />
              {/if}
              <a
                data-row
                href={`#${queue.href(request.id)}`}
                aria-current={request.id === open ? 'true' : undefined}
                class="block grow px-3 py-2"
              >
                <span class="flex justify-between gap-2">
                  <span class="font-semibold">{request.person}</span>
                  {#if request.cancelAsked.length > 0}
                    <span class="text-sm font-semibold">asks to cancel</span>
                  {:else if queue.show !== 'waiting'}
                    <StateMark state={request.state} />
                  {/if}
                </span>
                <span class="block">{span(request.first, request.last)}</span>
                <span class="quiet block text-sm">
                  {request.policy}, {withUnit(request.total, request.unit)}
                </span>
              </a>
            </li>
          {/each}
        </ul>
        <Pager total={queue.found.total} size={queue.size} bind:page={queue.page} what="requests" />
      {/if}
    </div>
    <div class="min-w-0">
      {#if open !== null}
        <OpenRequest id={open} decided={next} corrected={() => queue.load()} />
      {/if}
    </div>
  </div>
{/if}
