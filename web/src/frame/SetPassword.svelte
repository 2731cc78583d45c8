<script lang="ts">
  import { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Mark from './Mark.svelte';
  import { session } from './session.svelte';
  import { Work } from '../common/work.svelte';

  const token = $derived(router.location.replace('/set-password/', ''));

  let username = $state<string | null>(null);
  let password = $state('');
  let again = $state('');
  const work = new Work();

  $effect(() => {
    answer(api.GET('/api/session/password/{token}', { params: { path: { token } } })).then(
      (found) => (username = found.username),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function set(event: SubmitEvent) {
    event.preventDefault();
    if (password !== again) {
      work.problem = new Problem('The two passwords differ. Please type the same twice.');
      return;
    }
    await work.do(async () => {
      const whose = await answer(api.POST('/api/session/password', { body: { token, password } }));
      const body = { username: whose.username, password, code: null };
      try {
        session.begin(await answer(api.POST('/api/session', { body })));
        said.say('The password is set. Welcome.');
      } catch (thrown) {
        // with a second step it is typed on the page for signing in
        if (!Problem.of(thrown).isAt('code')) throw thrown;
        session.current.username = whose.username;
      }
      replace('/');
    });
  }
</script>

<main class="grid min-h-screen place-items-center bg-secondary">
  <form class="w-full max-w-sm border-t-4 border-primary bg-base-100 p-8" onsubmit={set}>
    <div class="mb-6 flex items-center gap-3 text-secondary dark:text-base-content"><Mark /></div>
    <h1 class="mb-1">Set your password</h1>
    {#if username}
      <p class="mb-4">You sign in as <strong>{username}</strong>.</p>
      <label class="mb-3 block">
        <span class="mb-1 block font-semibold">Password, at least 12 characters</span>
        <input
          class="input w-full"
          name="password"
          type="password"
          autocomplete="new-password"
          bind:value={password}
        />
      </label>
      <label class="mb-4 block">
        <span class="mb-1 block font-semibold">The same again</span>
        <input
          class="input w-full"
          name="again"
          type="password"
          autocomplete="new-password"
          bind:value={again}
        />
      </label>
    {/if}
    <ProblemNote problem={work.problem} />
    {#if username}
      <button class="btn mt-4 w-full btn-primary" disabled={work.busy}>Set it and sign in</button>
    {:else if work.problem}
      <a class="mt-4 block underline" href="#/">Go to the sign-in</a>
    {/if}
  </form>
</main>
