<script lang="ts">
  import { onMount } from 'svelte';
  import { answer, api } from './api/client';
  import Frame from './frame/Frame.svelte';
  import { router } from 'svelte-spa-router';
  import SecondStepFirst from './frame/SecondStepFirst.svelte';
  import SetPassword from './frame/SetPassword.svelte';
  import SignIn from './frame/SignIn.svelte';
  import { session } from './frame/session.svelte';
  import Terminal from './terminal/Terminal.svelte';

  onMount(async () => {
    if (router.location === '/terminal') return;
    session.current = await answer(api.GET('/api/session'));
    session.loaded = true;
  });
</script>

{#if router.location === '/terminal'}
  <Terminal />
{:else if session.loaded && router.location.startsWith('/set-password/')}
  <SetPassword />
{:else if session.loaded && session.current.secondStepMissing}
  <SecondStepFirst />
{:else if session.loaded && session.current.signedIn}
  <Frame />
{:else if session.loaded}
  <SignIn />
{/if}

{#if session.expired}
  <div class="fixed inset-0 z-50 grid place-items-center bg-black/50">
    <SignIn again />
  </div>
{/if}
