<script lang="ts">
  import { answer, api } from '../api/client';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Mark from './Mark.svelte';
  import { session } from './session.svelte';
  import { Work } from '../common/work.svelte';

  let { again = false }: { again?: boolean } = $props();

  let username = $state(session.current.username ?? '');
  let name = $state('');
  let password = $state('');
  let code = $state('');
  const work = new Work();
  let asked = $state(false);

  const fresh = $derived(session.current.fresh);
  const provider = $derived(session.current.provider);
  const passwords = $derived(session.current.passwords);
  /** Being asked for the code is no mistake of anybody's. */
  const onlyAsked = $derived(code === '' && work.problem?.field === 'code');
  const asksForCode = $derived(code !== '' || work.problem?.field === 'code');

  /** Somebody who signed in at the provider in another tab comes back to what was typed here. */
  async function lookAgain() {
    if (!again || !provider) return;
    const now = await answer(api.GET('/api/session'));
    if (now.signedIn) session.begin(now);
  }

  async function forgotten() {
    asked = await work.do(async () => {
      await answer(api.POST('/api/session/forgotten', { body: { username } }));
    });
  }

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      if (fresh) {
        await answer(
          api.POST('/api/session/first-administrator', { body: { username, name, password } }),
        );
      }
      session.begin(await answer(api.POST('/api/session', { body: { username, password, code } })));
    });
  }
</script>

<svelte:window onfocus={lookAgain} />

<main class={['grid place-items-center', !again && 'min-h-screen bg-secondary']}>
  <form class="w-full max-w-sm border-t-4 border-primary bg-base-100 p-8" onsubmit={submit}>
    <div class="mb-6 flex items-center gap-3 text-secondary dark:text-base-content"><Mark /></div>
    {#if again}
      <p class="mb-4">
        Your session has ended. Sign in again and what you were doing goes on; nothing typed is
        lost.
      </p>
    {:else if fresh}
      <h1 class="mb-1">Welcome</h1>
      <p class="mb-4">Nobody can sign in yet. Create the first administrator.</p>
    {:else}
      <h1 class="mb-4">Sign in</h1>
    {/if}
    {#if session.current.refused}
      <p role="alert" class="mb-4 border-l-4 border-error pl-3">{session.current.refused}</p>
    {/if}
    {#if provider}
      <!-- another site, which leads back here -->
      <a
        class="btn w-full btn-primary"
        href="/oauth2/authorization/company"
        target={again ? '_blank' : undefined}
        rel="external">Sign in with {provider}</a
      >
      {#if passwords}<p class="quiet my-4 text-center">or with a password</p>{/if}
    {/if}
    {#if passwords}
      <label class="mb-3 block">
        <span class="mb-1 block font-semibold">Name to sign in with</span>
        <input class="input w-full" name="username" autocomplete="username" bind:value={username} />
      </label>
      {#if fresh}
        <label class="mb-3 block">
          <span class="mb-1 block font-semibold">Your own name</span>
          <input class="input w-full" name="name" autocomplete="name" bind:value={name} />
        </label>
      {/if}
      <label class="mb-4 block">
        <span class="mb-1 block font-semibold">Password</span>
        <input
          class="input w-full"
          name="password"
          type="password"
          autocomplete={fresh ? 'new-password' : 'current-password'}
          bind:value={password}
        />
      </label>
      {#if asksForCode}
        <label class="mb-4 block">
          <span class="mb-1 block font-semibold">Code</span>
          <!-- svelte-ignore a11y_autofocus -->
          <input
            class="input w-full"
            name="code"
            autocomplete="one-time-code"
            autofocus
            bind:value={code}
          />
        </label>
      {/if}
      {#if onlyAsked}
        <p role="status">{work.problem?.message}</p>
      {:else}
        <ProblemNote problem={work.problem} />
      {/if}
      {#if asked}
        <p role="status" class="mt-2">
          If {username} has an e-mail address here, a link is on its way.
        </p>
      {/if}
      <button class={['btn mt-4 w-full', !provider && 'btn-primary']} disabled={work.busy}>
        {fresh ? 'Create and sign in' : 'Sign in'}
      </button>
      {#if !fresh}
        <button type="button" class="mt-3 underline" onclick={forgotten}
          >I forgot the password</button
        >
      {/if}
    {/if}
  </form>
</main>
