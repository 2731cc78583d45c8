<script lang="ts">
  import CloudOff from '@lucide/svelte/icons/cloud-off';
  import Delete from '@lucide/svelte/icons/delete';
  import { Problem } from '../api/problem';
  import type { OwnGlance, PunchForm } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';
  import Mark from '../frame/Mark.svelte';
  import Glance from './Glance.svelte';
  import { shown } from './marks';
  import { TerminalState } from './terminal.svelte';

  const EVERY = 15_000;
  const SHOWN_FOR = 9_000;
  const LONGEST_CODE = 12;
  const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '', '0', '⌫'];

  const terminal = new TerminalState();
  const work = new Work();
  let ticks = $state(0);
  let pairing = $state('');
  let code = $state('');
  let message = $state('');
  let glance = $state<OwnGlance | null>(null);
  let forget: number | undefined;

  $effect(() => {
    void terminal.refresh();
    const ticking = window.setInterval(() => ticks++, 1000);
    const asking = window.setInterval(() => void terminal.refresh(), EVERY);
    const online = () => void terminal.refresh();
    window.addEventListener('online', online);
    return () => {
      window.clearInterval(ticking);
      window.clearInterval(asking);
      window.removeEventListener('online', online);
    };
  });

  const clockOfSite = $derived.by(() => {
    void ticks;
    return shown(terminal.now(), terminal.screen?.zone ?? 'UTC');
  });

  function show(words: string, seen: OwnGlance | null = null) {
    message = words;
    glance = seen;
    code = '';
    window.clearTimeout(forget);
    forget = window.setTimeout(() => {
      message = '';
      glance = null;
    }, SHOWN_FOR);
  }

  async function say(kind: PunchForm['kind']) {
    if (code === '') return show('Please type your code first.');
    const said = code;
    code = '';
    show(await terminal.say(kind, said));
  }

  async function look() {
    if (code === '') return show('Please type your code first.');
    try {
      show('', await terminal.glance(code));
    } catch (thrown) {
      show(Problem.of(thrown).message);
    }
  }

  function press(key: string) {
    message = '';
    glance = null;
    if (key === '⌫') code = code.slice(0, -1);
    else if (code.length < LONGEST_CODE) code += key;
  }

  function onKey(event: KeyboardEvent) {
    if (!terminal.isPaired || event.target instanceof HTMLInputElement) return;
    if (/^\d$/.test(event.key)) press(event.key);
    else if (event.key === 'Backspace') press('⌫');
    else if (event.key === 'Escape') code = '';
  }

  function pair(event: SubmitEvent) {
    event.preventDefault();
    void work.do(async () => {
      await terminal.pair(pairing);
      pairing = '';
    });
  }
</script>

<svelte:window onkeydown={onKey} />

<main class="flex min-h-screen flex-col bg-secondary text-secondary-content">
  <header class="flex items-center justify-between px-6 py-4">
    <span class="flex items-center gap-2"><Mark /></span>
    {#if terminal.screen}<span>{terminal.screen.name}, {terminal.screen.site}</span>{/if}
  </header>
  <div class="flex grow flex-col items-center gap-6 px-4 pb-6">
    {#if !terminal.isPaired || terminal.unpaired}
      <form class="mt-10 w-full max-w-sm bg-base-100 p-6 text-base-content" onsubmit={pair}>
        <h1 class="mb-2">Pair this screen</h1>
        <p class="mb-3">
          {terminal.unpaired ||
            'An administrator adds a clock terminal under Hours and gets a code for it.'}
        </p>
        {#if terminal.waiting.length > 0}
          <p class="mb-3 font-semibold">
            {terminal.waiting.length === 1 ? '1 entry' : `${terminal.waiting.length} entries`} said here
            wait to be delivered.
          </p>
        {/if}
        <label class="block">
          The code of 8 digits
          <input
            class="input w-full text-xl tracking-widest"
            inputmode="numeric"
            name="pairing"
            autocomplete="off"
            maxlength="12"
            bind:value={pairing}
          />
        </label>
        <div class="mt-3"><ProblemNote problem={work.problem} /></div>
        <button class="btn mt-3 btn-primary" disabled={work.busy || pairing.trim() === ''}
          >Pair</button
        >
      </form>
    {:else}
      <div class="text-center">
        <p class="text-7xl font-semibold" data-clock>{clockOfSite.time}</p>
        <h1 class="text-lg font-normal">{clockOfSite.day}</h1>
      </div>
      <div
        class="flex min-h-16 w-full max-w-2xl items-center justify-center text-center text-2xl font-semibold"
        role="status"
        data-said
      >
        {#if glance}<Glance {glance} />
        {:else if message}{message}
        {:else}<span class="tracking-[0.4em]">{'•'.repeat(code.length) || ' '}</span>{/if}
      </div>
      <div class="flex flex-wrap items-stretch justify-center gap-8">
        <div class="grid grid-cols-3 gap-2">
          {#each KEYS as key (key)}
            {#if key === ''}<span></span>
            {:else}
              <button
                class="grid h-16 w-20 place-items-center border border-white/35 text-2xl hover:bg-black/20"
                aria-label={key === '⌫' ? 'Delete the last digit' : key}
                onclick={() => press(key)}
              >
                {#if key === '⌫'}<Delete aria-hidden="true" />{:else}{key}{/if}
              </button>
            {/if}
          {/each}
        </div>
        <div class="flex w-56 flex-col gap-2">
          {#each [['IN', 'In'], ['BREAK', 'Break'], ['OUT', 'Out']] as const as [kind, words] (kind)}
            <button
              class="grow bg-base-100 py-3 text-2xl font-semibold text-base-content hover:bg-base-300"
              onclick={() => say(kind)}>{words}</button
            >
          {/each}
          <button class="border border-white/35 py-2 hover:bg-black/20" onclick={look}
            >My balances</button
          >
        </div>
      </div>
      <p class="flex min-h-6 items-center gap-2" data-delivery>
        {#if terminal.waiting.length > 0}
          <CloudOff size={18} aria-hidden="true" />
          {terminal.waiting.length === 1
            ? '1 entry waits'
            : `${terminal.waiting.length} entries wait`}
          to be delivered{terminal.unreachable ? '; the server cannot be reached' : ''}.
        {:else if terminal.unreachable}
          <CloudOff size={18} aria-hidden="true" /> The server cannot be reached. What is said is kept
          here.
        {/if}
      </p>
    {/if}
  </div>
</main>
