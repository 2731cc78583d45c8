<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { ForeseenRow } from '../api/types';
  import { peopleCounted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { Work } from '../common/work.svelte';

  let { rows, close }: { rows: ForeseenRow[]; close: () => void } = $props();

  let about = $state(untrack(() => `Your ${rows[0]!.policy.toLowerCase()}`));
  let words = $state('');
  const work = new Work();

  const messages = $derived(
    rows.map((row) => ({
      personId: row.personId,
      text: `${words.trim()} ${row.policy}: ${row.message}`.trim(),
    })),
  );

  async function tell(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      const told = await answer(api.POST('/api/ahead/told', { body: { about, people: messages } }));
      said.say(`${peopleCounted(told.people)} told.`);
      close();
    });
  }
</script>

<SidePanel
  title={`Tell ${rows.length === 1 ? rows[0]!.person : peopleCounted(rows.length)}`}
  {close}
>
  <form class="space-y-4" onsubmit={tell}>
    <p>
      Each finds it under Notices, and gets it by mail as they chose. Your name stands under it.
    </p>
    <label class="block">
      <span class="font-semibold">Subject of the mail</span>
      <input class="input mt-1 block w-full" name="about" maxlength="120" bind:value={about} />
    </label>
    <label class="block">
      <span class="font-semibold">In your own words, before the sentence about them</span>
      <textarea
        class="textarea mt-1 w-full"
        rows="3"
        name="words"
        maxlength="500"
        bind:value={words}></textarea>
    </label>
    <div>
      <span class="font-semibold">{rows[0]!.person} would read</span>
      <p class="mt-1 border-l-4 border-accent bg-base-200 px-3 py-2" data-told>
        {messages[0]!.text}
      </p>
    </div>
    <ProblemNote problem={work.problem} />
    <button class="btn btn-primary" disabled={work.busy || about.trim() === ''}
      >Tell {rows.length === 1 ? rows[0]!.person : peopleCounted(rows.length)}</button
    >
  </form>
</SidePanel>
