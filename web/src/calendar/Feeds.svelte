<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Feed } from '../api/types';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  const SCOPES: { scope: Feed['scope']; title: string }[] = [
    { scope: 'OWN', title: 'My own leave' },
    { scope: 'TEAM', title: 'My team' },
    { scope: 'EVERYBODY', title: 'Everybody I may see' },
  ];

  let feeds = $state<Feed[] | null>(null);
  let address = $state('');
  const work = new Work();

  $effect(() => {
    void work.do(async () => {
      feeds = await answer(api.GET('/api/feeds'));
    });
  });

  function make(scope: Feed['scope']) {
    void work.do(async () => {
      const made = await answer(api.POST('/api/feeds', { body: { scope } }));
      address = `${window.location.origin}${made.path}`;
      feeds = [...(feeds ?? []), made.feed];
    });
  }

  function revoke(feed: Feed) {
    void work.do(async () => {
      feeds = await answer(api.DELETE('/api/feeds/{id}', { params: { path: { id: feed.id } } }));
      address = '';
      said.say('Revoked. Whoever has that address gets nothing more.');
    });
  }

  async function copy() {
    await navigator.clipboard.writeText(address);
    said.say('Copied.');
  }
</script>

<p class="quiet mb-3">
  An address that a calendar program reads by itself. Whoever knows it sees what you may see, so
  keep it to yourself; revoke it when somebody else has it.
</p>
<div class="mb-4 flex flex-wrap gap-2">
  {#each SCOPES as { scope, title } (scope)}
    <button class="btn" disabled={work.busy} onclick={() => make(scope)}>{title}</button>
  {/each}
</div>
{#if address}
  <div class="mb-4 border-l-4 border-primary bg-base-200 px-3 py-2" data-feed-address>
    <p class="font-semibold">The new address; it is shown this once.</p>
    <p class="flex items-center gap-2">
      <input class="input grow" readonly aria-label="Address" value={address} />
      <button class="btn btn-sm" onclick={copy}>Copy</button>
    </p>
  </div>
{/if}
<ProblemNote problem={work.problem} />
{#if feeds === null}
  {#if !work.problem}<Waiting what="Fetching addresses" />{/if}
{:else if feeds.length > 0}
  <ul class="divide-y divide-base-300" data-feeds>
    {#each feeds as feed (feed.id)}
      <li class="flex items-baseline justify-between gap-3 py-1">
        <span>
          <strong>{SCOPES.find(({ scope }) => scope === feed.scope)!.title}</strong>, made
          {day(feed.madeAt)}
          <span class="quiet text-sm">
            {feed.readAt ? `read last on ${day(feed.readAt)}` : 'not read yet'}
          </span>
        </span>
        <button class="underline" disabled={work.busy} onclick={() => revoke(feed)}>Revoke</button>
      </li>
    {/each}
  </ul>
{/if}
