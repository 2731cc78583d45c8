<script lang="ts">
  import { answer, api } from '../api/client';
  import type { OpenPunch, Organisation, PairingCode, Terminal } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import OpenPunches from './OpenPunches.svelte';

  let terminals = $state<Terminal[] | null>(null);
  let punches = $state<OpenPunch[]>([]);
  let organisation = $state<Organisation | null>(null);
  let offered = $state<PairingCode | null>(null);
  let name = $state('');
  let siteId = $state<number>();
  const work = new Work();

  const address = `${window.location.origin}/#/terminal`;

  $effect(() => {
    void work.do(load);
  });

  async function load() {
    [terminals, punches, organisation] = await Promise.all([
      answer(api.GET('/api/terminals')),
      answer(api.GET('/api/punches/open')),
      answer(api.GET('/api/organisation')),
    ]);
    siteId ??= organisation.sites[0]?.id;
  }

  function add(event: SubmitEvent) {
    event.preventDefault();
    void work.do(async () => {
      offered = await answer(api.POST('/api/terminals', { body: { name, siteId: siteId! } }));
      name = '';
      await load();
    });
  }

  function offer(id: number) {
    void work.do(async () => {
      offered = await answer(api.POST('/api/terminals/{id}/pairing', { params: { path: { id } } }));
    });
  }

  function unpair(terminal: Terminal) {
    void work.do(async () => {
      terminals = await answer(
        api.DELETE('/api/terminals/{id}/pairing', { params: { path: { id: terminal.id } } }),
      );
      said.say(`${terminal.name} is not paired any more. What it still holds waits there.`);
    });
  }
</script>

<p class="mb-1"><a class="underline" href="#/hours">Hours</a></p>
<h1 class="mb-1">Clock terminals</h1>
<p class="quiet mb-3">
  Any screen with a browser can be one: open <a class="underline" href="#/terminal" target="_blank"
    >{address}</a
  > on it and type the code. People say in, break and out there with their clock code.
</p>
<ProblemNote problem={work.problem} besides={['name']} />
{#if terminals === null || organisation === null}
  {#if !work.problem}<Waiting what="Fetching terminals" />{/if}
{:else}
  {#if offered}
    <p class="mb-3 border-l-4 border-accent bg-base-200 px-4 py-2" data-code>
      Type <strong class="text-2xl tracking-widest">{offered.code}</strong> on the screen of
      {terminals.find((each) => each.id === offered!.terminalId)?.name} before {dayAndTime(
        offered.until,
      )}. It is shown once.
    </p>
  {/if}
  {#if terminals.length === 0}
    <Empty
      ><p>
        No terminal yet. Add the first one: it is a name and the site whose clock it shows.
      </p></Empty
    >
  {:else}
    <table class="figures mb-4 max-w-4xl">
      <thead
        ><tr
          ><th>Terminal</th><th>Site</th><th>Screen</th><th>Last heard</th><th
            ><span class="sr-only">What can be done</span></th
          ></tr
        ></thead
      >
      <tbody>
        {#each terminals as terminal (terminal.id)}
          <tr>
            <td>{terminal.name}</td>
            <td>{terminal.site}</td>
            <td>{terminal.paired ? 'Paired' : 'Not paired'}</td>
            <td>{terminal.heardAt ? dayAndTime(terminal.heardAt) : 'Never'}</td>
            <td class="space-x-3 text-right">
              <button class="underline" onclick={() => offer(terminal.id)}
                >{terminal.paired ? 'Pair another screen' : 'Get a code'}</button
              >
              {#if terminal.paired}
                <button class="underline" onclick={() => unpair(terminal)}>Unpair</button>
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  <form class="mb-8 flex flex-wrap items-end gap-2" onsubmit={add}>
    <label>
      A new terminal
      <input
        class={['input block w-56', work.problem?.isAt('name') && 'input-error']}
        name="terminal"
        maxlength="80"
        placeholder="By the back door"
        bind:value={name}
      />
    </label>
    <label>
      at
      <select class="select block w-52" name="site" bind:value={siteId}>
        {#each organisation.sites as site (site.id)}<option value={site.id}>{site.name}</option
          >{/each}
      </select>
    </label>
    <button class="btn btn-primary" disabled={work.busy || name.trim() === '' || !siteId}
      >Add it and get a code</button
    >
    {#if work.problem?.isAt('name')}<p class="w-full text-error" role="alert">
        {work.problem.message}
      </p>{/if}
  </form>
  <OpenPunches {punches} changed={(left) => (punches = left)} />
{/if}
