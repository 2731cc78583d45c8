<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Permission, ProgramToken } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import { plusMonths } from '../common/dates';
  import { day, dayAndTime } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import Secret from './Secret.svelte';
  import { MAY } from './words';

  let all = $state.raw<ProgramToken[] | null>(null);
  let secret = $state<string | null>(null);
  let name = $state('');
  let permissions = $state<Permission[]>([]);
  let readsOnly = $state(true);
  let lastDay = $state(plusMonths(session.current.today, 12));
  const work = new Work();

  $effect(() => {
    void work.do(async () => {
      all = await answer(api.GET('/api/program-tokens'));
    });
  });

  async function make() {
    await work.do(async () => {
      const body = { name, permissions: [...permissions], readsOnly, lastDay };
      const made = await answer(api.POST('/api/program-tokens', { body }));
      all = made.all;
      secret = made.secret;
      name = '';
      permissions = [];
    });
  }

  async function end(token: ProgramToken) {
    await work.do(async () => {
      all = await answer(
        api.DELETE('/api/program-tokens/{id}', { params: { path: { id: token.id } } }),
      );
    });
  }

  function stateOf(token: ProgramToken): string {
    if (token.endedAt) return `ended on ${dayAndTime(token.endedAt)}`;
    return token.lastDay < session.current.today
      ? `held until ${day(token.lastDay)}`
      : `until ${day(token.lastDay)}`;
  }

  function holds(token: ProgramToken): boolean {
    return token.endedAt === null && token.lastDay >= session.current.today;
  }
</script>

<section>
  <h2>Programs that are let in</h2>
  <p class="quiet max-w-3xl">
    Each with a token of its own, which it sends as <code>Authorization: Bearer …</code>. It may
    what is chosen, no more than whoever lets it in, and until a day. All that can be asked for
    stands in the
    <a class="underline" href="/api/openapi" target="_blank">description of the interface</a>.
  </p>
  <ProblemNote problem={work.problem} />
  {#if secret}
    <Secret {secret} what="This is the token." close={() => (secret = null)} />
  {/if}
  {#if all && all.length > 0}
    <table class="figures mt-2" data-tokens>
      <thead
        ><tr
          ><th>Program</th><th>May</th><th>Let in by</th><th>How long</th><th>Last used</th><th
            ><span class="sr-only">End</span></th
          ></tr
        ></thead
      >
      <tbody>
        {#each all as token (token.id)}
          <tr class={holds(token) ? '' : 'quiet'}>
            <td>{token.name}</td>
            <td class="text-sm"
              >{token.readsOnly ? 'only read: ' : ''}{token.permissions
                .map((each) => MAY[each] ?? each)
                .join('; ')}</td
            >
            <td>{token.owner}</td>
            <td>{stateOf(token)}</td>
            <td>{token.lastUsedAt ? dayAndTime(token.lastUsedAt) : 'never'}</td>
            <td>
              {#if holds(token)}
                <button
                  class="btn btn-ghost btn-xs"
                  disabled={work.busy}
                  aria-label={`End ${token.name}`}
                  onclick={() => end(token)}>End it</button
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
    <h3 class="font-semibold">Let another one in</h3>
    <div class="mt-1 flex flex-wrap items-end gap-3">
      <label class="block">
        <span class="block text-sm">Name of the program</span>
        <input class="input w-56" name="program" bind:value={name} />
      </label>
      <label class="block">
        <span class="block text-sm">Until</span>
        <DateField class="input w-36" name="last-day" bind:value={lastDay} />
      </label>
      <label class="flex items-center gap-2 pb-2">
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={readsOnly} />
        it only reads
      </label>
    </div>
    <fieldset class="mt-2">
      <legend class="text-sm">It may</legend>
      <div class="grid gap-x-6 gap-y-1 sm:grid-cols-2">
        {#each Object.entries(MAY) as [key, words] (key)}
          {#if session.may(key as Permission)}
            <label class="flex items-center gap-2">
              <input
                type="checkbox"
                class="checkbox checkbox-sm"
                value={key}
                bind:group={permissions}
              />
              {words}
            </label>
          {/if}
        {/each}
      </div>
    </fieldset>
    <button
      class="btn mt-3 btn-primary"
      disabled={work.busy || name.trim() === '' || permissions.length === 0}>Make its token</button
    >
  </form>
</section>
