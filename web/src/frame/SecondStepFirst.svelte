<script lang="ts">
  import { answer, api } from '../api/client';
  import Mark from './Mark.svelte';
  import SecondStep from './SecondStep.svelte';
  import { session } from './session.svelte';

  async function signOut() {
    await answer(api.DELETE('/api/session'));
    session.end();
  }

  async function goOn() {
    session.begin(await answer(api.GET('/api/session')));
  }
</script>

<main class="grid min-h-screen place-items-center bg-secondary">
  <div class="w-full max-w-md border-t-4 border-primary bg-base-100 p-8">
    <div class="mb-6 flex items-center gap-3 text-secondary dark:text-base-content"><Mark /></div>
    <p class="mb-4">
      For what you may do here, a password alone is not enough. This takes a minute, once.
    </p>
    <SecondStep done={goOn} />
    <button type="button" class="mt-4 underline" onclick={signOut}>Sign out</button>
  </div>
</main>
