<script lang="ts">
  import { answer, api } from '../api/client';
  import type { NameOfLeaver, Person } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Field from '../common/Field.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import { fate } from './names';

  let { person, changed }: { person: Person; changed: (what: string) => void } = $props();

  let leaver = $state<NameOfLeaver | null>(null);
  let doing = $state<'KEEP' | 'REMOVE' | null>(null);
  let reason = $state('');
  let code = $state('');
  const work = new Work();

  const path = $derived({ params: { path: { personId: person.id } } });

  $effect(() => {
    const asked = path;
    void work.do(async () => {
      leaver = (await answer(api.GET('/api/people/{personId}/name', asked))).leaver;
    });
  });

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      const kept = api.PUT('/api/people/{personId}/name/kept', { ...path, body: { reason } });
      leaver = (await answer(kept)).leaver;
      doing = null;
      reason = '';
      said.say('The name is kept until that is taken back.');
    });
  }

  async function release() {
    await work.do(async () => {
      leaver = (await answer(api.DELETE('/api/people/{personId}/name/kept', path))).leaver;
      said.say('The rule holds for this name again.');
    });
  }

  async function remove(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      await answer(
        api.POST('/api/people/{personId}/name/removal', { ...path, body: { code: code.trim() } }),
      );
      doing = null;
      changed(`The name is gone. Figures of ${person.code} are as they were.`);
    });
  }
</script>

{#if leaver}
  <section class="mt-7 max-w-2xl" data-name-of-leaver>
    <h2 class="mb-1">Their name</h2>
    <p class="mb-2">
      It {fate(leaver)}{leaver.kept || leaver.waits ? '' : '.'}
      <a class="underline" href="#/people/names">How long names stay</a>
    </p>
    {#if doing === 'KEEP'}
      <form class="space-y-2" onsubmit={keep}>
        <Field label="Why the name has to stay" field="reason" problem={work.problem}>
          <input class="input w-full" name="reason" required maxlength="200" bind:value={reason} />
        </Field>
        <div class="flex gap-2">
          <button class="btn btn-primary" disabled={work.busy || reason.trim() === ''}
            >Keep the name</button
          >
          <button type="button" class="btn" onclick={() => (doing = null)}>Leave it</button>
        </div>
      </form>
    {:else if doing === 'REMOVE'}
      <form class="space-y-2" onsubmit={remove}>
        <p>
          Nobody will be able to tell who {person.code} was, here and in what was written down until today.
          It cannot be taken back.
        </p>
        <Field label={`Type the code, ${person.code}`} field="code" problem={work.problem}>
          <input class="input w-40" name="code" required autocomplete="off" bind:value={code} />
        </Field>
        <div class="flex gap-2">
          <button class="btn btn-primary" disabled={work.busy || code.trim() === ''}>
            {work.busy ? 'Removing it everywhere' : 'Remove the name for good'}
          </button>
          <button type="button" class="btn" onclick={() => (doing = null)}>Leave it</button>
        </div>
      </form>
    {:else}
      {#if leaver.kept}
        <button class="btn btn-sm" disabled={work.busy} onclick={release}
          >Let the rule hold again</button
        >
      {:else}
        <button class="btn btn-sm" onclick={() => (doing = 'KEEP')}>Keep it longer</button>
        <button
          class="btn btn-sm"
          disabled={leaver.waits !== null}
          onclick={() => (doing = 'REMOVE')}>Remove the name now</button
        >
      {/if}
    {/if}
    <ProblemNote problem={work.problem} besides={['reason', 'code']} />
  </section>
{:else if work.problem}
  <ProblemNote problem={work.problem} />
{/if}
