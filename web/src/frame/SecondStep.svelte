<script lang="ts">
  import { answer, api } from '../api/client';
  import type { SecondStepBeginning } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { save } from '../common/save';
  import { Work } from '../common/work.svelte';
  import { session } from './session.svelte';

  let { done }: { done?: () => void } = $props();

  let own = $state.raw<{ set: boolean; needed: boolean; codesOnPaper: number } | null>(null);
  let beginning = $state.raw<SecondStepBeginning | null>(null);
  let onPaper = $state.raw<string[] | null>(null);
  let password = $state('');
  let code = $state('');
  const work = new Work();

  async function look() {
    own = await answer(api.GET('/api/second-step'));
  }

  $effect(() => {
    void work.do(look);
  });

  async function begin() {
    await work.do(async () => {
      beginning = await answer(api.POST('/api/second-step', { body: { password } }));
      password = '';
    });
  }

  async function confirm() {
    await work.do(async () => {
      onPaper = (await answer(api.PUT('/api/second-step', { body: { code } }))).codes;
      beginning = null;
      code = '';
      await look();
    });
  }

  async function renew() {
    await work.do(async () => {
      onPaper = (await answer(api.POST('/api/second-step/codes-on-paper', { body: { code } })))
        .codes;
      code = '';
      await look();
    });
  }

  async function end() {
    await work.do(async () => {
      own = await answer(api.POST('/api/second-step/ending', { body: { password } }));
      password = '';
      onPaper = null;
    });
  }

  function keep() {
    const lines = ['Up Ahead: codes on paper of ' + session.current.username, '', ...onPaper!, ''];
    save('up-ahead-codes.txt', new Blob([lines.join('\n')], { type: 'text/plain' }));
  }

  function submitted(work: () => Promise<void>) {
    return (event: SubmitEvent) => {
      event.preventDefault();
      void work();
    };
  }
</script>

{#snippet typed(label: string, name: string, value: string, set: (text: string) => void)}
  <label class="block">
    <span class="block font-semibold">{label}</span>
    <input
      class="input w-full max-w-sm"
      {name}
      type={name === 'step-password' ? 'password' : 'text'}
      autocomplete={name === 'step-password' ? 'current-password' : 'one-time-code'}
      {value}
      oninput={(event) => set(event.currentTarget.value)}
    />
  </label>
{/snippet}

<section class="space-y-3" data-second-step={own?.set}>
  <h2>A second step at sign-in</h2>
  {#if onPaper}
    <p>
      It is set up. These codes let you in when the device is lost, each of them once. They are
      shown now and never again: print them or write them down, and keep them where the device is
      not.
    </p>
    <ul class="grid max-w-sm grid-cols-2 gap-x-6 font-mono text-sm" data-codes-on-paper>
      {#each onPaper as each (each)}<li>{each}</li>{/each}
    </ul>
    <div class="flex gap-2">
      <button type="button" class="btn" onclick={keep}>Save them as a file</button>
      <button
        type="button"
        class="btn btn-primary"
        onclick={() => {
          onPaper = null;
          done?.();
        }}>I have them</button
      >
    </div>
  {:else if beginning}
    <ol class="list-decimal space-y-3 pl-5">
      <li>
        Read this with an app for codes on your telephone:
        <svg
          class="mt-2 block bg-white text-black"
          width="192"
          height="192"
          viewBox={`0 0 ${beginning.picture.size} ${beginning.picture.size}`}
          shape-rendering="crispEdges"
          role="img"
          aria-label="A picture for the app; what it says can be typed, too"
        >
          <path d={beginning.picture.path} fill="currentColor" />
        </svg>
        <span class="quiet">or type</span>
        <code data-secret>{beginning.secret.match(/.{1,4}/g)?.join(' ')}</code>
      </li>
      <li>
        <form class="space-y-2" onsubmit={submitted(confirm)}>
          {@render typed(
            'Type the six digits that it shows',
            'step-code',
            code,
            (text) => (code = text),
          )}
          <button class="btn btn-primary" disabled={work.busy || !code}>Set it up</button>
        </form>
      </li>
    </ol>
  {:else if own?.set}
    <p>
      After your password you are asked for a code from your app. {own.codesOnPaper} of your codes on
      paper are left.
    </p>
    <form class="space-y-2" onsubmit={submitted(renew)}>
      {@render typed('A code from the app', 'step-code', code, (text) => (code = text))}
      <button class="btn" disabled={work.busy || !code}>Make other codes on paper</button>
    </form>
    <form class="space-y-2" onsubmit={submitted(end)}>
      {@render typed('Your password', 'step-password', password, (text) => (password = text))}
      <button class="btn" disabled={work.busy || !password}
        >{own.needed ? 'End it, and set up another at the next sign-in' : 'End it'}</button
      >
    </form>
  {:else if own}
    <p>
      A code from an app on your telephone, asked for after the password, keeps out whoever found
      that out.
    </p>
    <form class="space-y-2" onsubmit={submitted(begin)}>
      {@render typed('Your password', 'step-password', password, (text) => (password = text))}
      <button class="btn" disabled={work.busy || !password}>Begin</button>
    </form>
  {/if}
  <ProblemNote problem={work.problem} />
</section>
