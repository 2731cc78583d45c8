<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Notice } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import Pager from '../common/Pager.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { unread } from '../frame/notices.svelte';
  import NoticeChoices from './NoticeChoices.svelte';

  const SIZE = 30;

  let found = $state<{ items: Notice[]; total: number } | null>(null);
  let page = $state(0);
  const work = new Work();

  $effect(() => {
    const query = { page, size: SIZE };
    void work.do(async () => {
      found = await answer(api.GET('/api/notices', { params: { query } }));
    });
  });

  function mark(notice: Notice, seen: boolean) {
    if (notice.seen === seen) return;
    notice.seen = seen;
    void work.do(async () => {
      const params = { path: { id: notice.id }, query: { seen } };
      unread.count = (await answer(api.POST('/api/notices/{id}/seen', { params }))).unread;
    });
  }

  function markAll() {
    void work.do(async () => {
      unread.count = (await answer(api.POST('/api/notices/seen'))).unread;
      found?.items.forEach((each) => (each.seen = true));
    });
  }
</script>

<div class="mb-3 flex items-end justify-between gap-3">
  <h1>Notices</h1>
  <button class="btn btn-sm" disabled={work.busy || unread.count === 0} onclick={markAll}
    >Mark all as read</button
  >
</div>
<ProblemNote problem={work.problem} />
<NoticeChoices />
{#if found === null}
  {#if !work.problem}<Waiting what="Fetching notices" />{/if}
{:else if found.items.length === 0}
  <Empty>
    <p>Nothing to tell you yet. When something waits for you or is decided, it stands here.</p>
  </Empty>
{:else}
  <ul class="sheet max-w-4xl divide-y divide-base-300" use:listKeys data-notices>
    {#each found.items as notice (notice.id)}
      <li
        class={[
          'flex items-baseline gap-3 px-3 py-2',
          !notice.seen && 'bg-base-200 shadow-[inset_4px_0_var(--color-primary)]',
        ]}
      >
        <span class="quiet w-24 shrink-0 text-sm">{day(notice.at)}</span>
        <a
          data-row
          class={['grow hover:underline', !notice.seen && 'font-semibold']}
          href={`#${notice.place}`}
          onclick={() => mark(notice, true)}
          >{#if !notice.seen}<span class="sr-only">Unread: </span>{/if}{notice.text}</a
        >
        <button class="shrink-0 text-sm underline" onclick={() => mark(notice, !notice.seen)}
          >{notice.seen ? 'Mark as unread' : 'Mark as read'}</button
        >
      </li>
    {/each}
  </ul>
  <Pager total={found.total} size={SIZE} bind:page what="notices" />
{/if}
