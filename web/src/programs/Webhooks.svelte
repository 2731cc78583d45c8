<script lang="ts">
  import { answer, api } from '../api/client';
  import type { HookEvent, ToldThing, Webhook } from '../api/types';
  import { counted, dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import Secret from './Secret.svelte';
  import { EVENTS } from './words';

  let all = $state.raw<Webhook[] | null>(null);
  let told = $state.raw<ToldThing[]>([]);
  let secret = $state<string | null>(null);
  let name = $state('');
  let address = $state('');
  let events = $state<HookEvent[]>(['RUN_CLOSED', 'REQUEST_DECIDED']);
  const work = new Work();

  const standIn = `${window.location.origin}/api/demo/told`;

  async function load() {
    all = await answer(api.GET('/api/webhooks'));
    if (session.current.demo) told = await answer(api.GET('/api/demo/told'));
  }

  $effect(() => void work.do(load));

  async function make() {
    await work.do(async () => {
      const body = { name, address, events: [...events] };
      const made = await answer(api.POST('/api/webhooks', { body }));
      all = made.all;
      secret = made.secret;
      name = '';
      address = '';
    });
  }

  async function end({ id }: Webhook) {
    await work.do(async () => {
      all = await answer(api.DELETE('/api/webhooks/{id}', { params: { path: { id } } }));
    });
  }

  async function again({ id }: Webhook) {
    await work.do(async () => {
      all = await answer(api.POST('/api/webhooks/{id}/again', { params: { path: { id } } }));
    });
  }

  function how(hook: Webhook): string {
    if (hook.endedAt) return `ended on ${dayAndTime(hook.endedAt)}`;
    const parts = [
      hook.lastTakenAt ? `last taken ${dayAndTime(hook.lastTakenAt)}` : 'nothing taken yet',
      ...(hook.waiting > 0 ? [`${counted(hook.waiting, 'message')} waiting`] : []),
      ...(hook.givenUp > 0
        ? [`${counted(hook.givenUp, 'message')} given up after three days`]
        : []),
    ];
    return parts.join(', ');
  }
</script>

<section class="mt-8">
  <h2>Programs that are told</h2>
  <p class="quiet max-w-3xl">
    Their addresses get a message when something happens: signed, at least once, each with a mark of
    its own by which a second one is known. Whoever does not take it gets it again for three days.
    Addresses inside the own network are not told, and none is followed elsewhere.
  </p>
  <ProblemNote problem={work.problem} />
  {#if secret}
    <Secret {secret} what="Messages are signed with this secret." close={() => (secret = null)} />
  {/if}
  {#if all && all.length > 0}
    <table class="figures mt-2" data-webhooks>
      <thead
        ><tr
          ><th>Program</th><th>Address</th><th>Told when</th><th>How it goes</th><th
            ><span class="sr-only">What can be done</span></th
          ></tr
        ></thead
      >
      <tbody>
        {#each all as hook (hook.id)}
          <tr class={hook.endedAt ? 'quiet' : ''}>
            <td>{hook.name}</td>
            <td class="break-all">{hook.address}</td>
            <td class="text-sm">{hook.events.map((each) => EVENTS[each]).join('; ')}</td>
            <td class="text-sm"
              >{how(hook)}{#if hook.problem && hook.waiting + hook.givenUp > 0}<span
                  class="block border-l-4 border-error pl-2">{hook.problem}</span
                >{/if}</td
            >
            <td class="whitespace-nowrap">
              {#if hook.endedAt === null}
                {#if hook.waiting + hook.givenUp > 0}
                  <button
                    class="btn btn-ghost btn-xs"
                    disabled={work.busy}
                    onclick={() => again(hook)}>Send again now</button
                  >
                {/if}
                <button
                  class="btn btn-ghost btn-xs"
                  disabled={work.busy}
                  aria-label={`End ${hook.name}`}
                  onclick={() => end(hook)}>End it</button
                >
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  <form
    class="sheet mt-3 max-w-4xl p-3"
    onsubmit={(event) => {
      event.preventDefault();
      void make();
    }}
  >
    <h3 class="font-semibold">Tell another one</h3>
    <div class="mt-1 flex flex-wrap items-end gap-3">
      <label class="block">
        <span class="block text-sm">Name of the program</span>
        <input class="input w-48" name="told-program" bind:value={name} />
      </label>
      <label class="block grow">
        <span class="block text-sm">Its address</span>
        <input
          class="input w-full"
          name="address"
          placeholder="https://example.com/told"
          bind:value={address}
        />
      </label>
    </div>
    {#if session.current.demo}
      <p class="quiet mt-1 text-sm">
        The demo has a stand-in for another program at
        <button type="button" class="link" onclick={() => (address = standIn)}>{standIn}</button>.
      </p>
    {/if}
    <fieldset class="mt-2">
      <legend class="text-sm">It is told when</legend>
      <div class="flex flex-wrap gap-x-6 gap-y-1">
        {#each Object.entries(EVENTS) as [key, words] (key)}
          <label class="flex items-center gap-2">
            <input type="checkbox" class="checkbox checkbox-sm" value={key} bind:group={events} />
            {words}
          </label>
        {/each}
      </div>
    </fieldset>
    <button
      class="btn mt-3 btn-primary"
      disabled={work.busy || name.trim() === '' || address.trim() === '' || events.length === 0}
      >Tell it from now on</button
    >
  </form>
  {#if session.current.demo}
    <details class="mt-4" open>
      <summary class="cursor-pointer font-semibold">What the stand-in was told</summary>
      {#if told.length === 0}
        <p class="quiet">Nothing yet.</p>
      {/if}
      <ul data-told>
        {#each told as each (each.message + each.at)}
          <li class="border-b border-base-300 py-1 text-sm">
            {dayAndTime(each.at)}: <strong>{each.event}</strong>
            <span class="block font-mono break-all">{each.body}</span>
          </li>
        {/each}
      </ul>
      <button class="btn mt-1 btn-sm" onclick={() => work.do(load)}>Look again</button>
    </details>
  {/if}
</section>
