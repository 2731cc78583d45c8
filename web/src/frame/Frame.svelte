<script lang="ts">
  import LogOut from '@lucide/svelte/icons/log-out';
  import Search from '@lucide/svelte/icons/search';
  import Router, { replace, router } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import { said } from '../common/said.svelte';
  import { asOf } from './asof.svelte';
  import CommandBox from './CommandBox.svelte';
  import { entering } from './entering.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import Keys from './Keys.svelte';
  import Mark from './Mark.svelte';
  import { unread } from './notices.svelte';
  import OwnPassword from './OwnPassword.svelte';
  import { placesOf } from './places';
  import Road from './Road.svelte';
  import { routes } from './routes';
  import { session } from './session.svelte';

  let commands = $state(false);
  let keys = $state(false);
  let password = $state(false);

  const places = $derived(placesOf(session.current));

  $effect(() => {
    if (router.location === '/' && !session.may('DECIDE_FOR_THE_ASSIGNED')) {
      replace('/my-time');
    }
  });

  function isTyping(target: EventTarget | null): boolean {
    return target instanceof HTMLElement && target.matches('input, textarea, select');
  }

  function onKey(event: KeyboardEvent) {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
      event.preventDefault();
      commands = true;
    } else if (!isTyping(event.target) && event.key === '?') {
      keys = true;
    } else if (!isTyping(event.target) && event.key === 't' && !event.ctrlKey) {
      asOf.backToToday();
    }
  }

  async function signOut() {
    await answer(api.DELETE('/api/session'));
    asOf.backToToday();
    session.end();
    replace('/');
  }

  function isHere(path: string): boolean {
    return path === '/' ? router.location === '/' : router.location.startsWith(path);
  }

  /** Each change of place asks anew what there is to be told. */
  $effect(() => {
    void router.location;
    void unread.look();
  });
</script>

<svelte:window onkeydown={onKey} onfocus={() => void unread.look()} />

<a href="#main" class="sr-only focus:not-sr-only">Skip to the content</a>
<div class="flex min-h-screen flex-col lg:flex-row">
  <nav
    aria-label="Places"
    class="flex shrink-0 flex-col bg-secondary text-secondary-content lg:sticky lg:top-0 lg:h-screen lg:w-44"
  >
    <div class="flex items-center justify-between gap-2 px-4 py-3">
      <span class="flex items-center gap-2"><Mark /></span>
    </div>
    <ul class="flex grow overflow-x-auto [scrollbar-width:none] lg:flex-col lg:overflow-visible">
      {#each places as place (place.path)}
        <li>
          <a
            href={`#${place.path}`}
            aria-current={isHere(place.path) ? 'page' : undefined}
            class={[
              'relative flex items-center gap-2.5 border-b-4 px-4 py-2 whitespace-nowrap lg:border-b-0 lg:border-l-4',
              isHere(place.path)
                ? 'border-[#d98a4e] bg-black/25 font-semibold'
                : 'border-transparent hover:bg-black/15',
            ]}
          >
            <place.icon size={17} aria-hidden="true" />
            {place.name}
            {#if place.path === '/notices' && unread.count > 0}
              <span
                class="ml-auto rounded-sm bg-primary px-1.5 text-xs text-primary-content"
                data-unread>{unread.count}<span class="sr-only"> unread</span></span
              >
            {/if}
          </a>
        </li>
      {/each}
    </ul>
    <div class="hidden space-y-2 px-4 py-4 text-sm lg:block">
      <button
        class="flex w-full items-center gap-2 border border-white/30 px-2 py-1.5 text-left hover:bg-black/20"
        onclick={() => (commands = true)}
      >
        <Search size={15} aria-hidden="true" /> Go to
        <kbd class="ml-auto text-xs">Ctrl K</kbd>
      </button>
      <p class="pt-1 leading-tight">{session.current.name}</p>
      {#if session.current.passwords}
        <button class="hover:underline" onclick={() => (password = true)}>Your password</button>
      {/if}
      <button class="flex items-center gap-2 hover:underline" onclick={signOut}>
        <LogOut size={15} aria-hidden="true" /> Sign out
      </button>
    </div>
  </nav>

  <div class="flex min-w-0 grow flex-col">
    {#if session.may('RUN_PAYROLL')}
      <Road />
    {/if}
    <main id="main" class="grow px-4 py-5 lg:px-7">
      <Router {routes} />
    </main>
    <footer class="flex justify-between border-t border-base-300 px-4 py-2 text-sm lg:hidden">
      <span>{session.current.name}</span>
      {#if session.current.passwords}
        <button class="underline" onclick={() => (password = true)}>Your password</button>
      {/if}
      <button class="underline" onclick={signOut}>Sign out</button>
    </footer>
  </div>
</div>

<div role="status" class="pointer-events-none fixed bottom-4 left-1/2 z-40 -translate-x-1/2">
  {#if said.text}
    <p class="border-l-4 border-primary bg-neutral px-4 py-2 text-neutral-content shadow-lg">
      {said.text}
    </p>
  {/if}
</div>

{#if commands}
  <CommandBox close={() => (commands = false)} />
{/if}
{#if entering.leave}
  {@const { person, policyId, first, last } = entering.leave}
  <EnterLeave
    {person}
    policy={policyId}
    on={first}
    {last}
    close={() => entering.close()}
    done={() => entering.entered()}
  />
{/if}
{#if password}
  <OwnPassword close={() => (password = false)} />
{/if}
{#if keys}
  <Keys close={() => (keys = false)} />
{/if}
