<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Person, SignInView } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { words } from '../common/format';
  import { session } from '../frame/session.svelte';
  import StandIns from '../requests/StandIns.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { person }: { person: Person } = $props();

  let signIn = $state<SignInView | null>(null);
  let loaded = $state(false);
  let role = $state<SignInView['role']>('EMPLOYEE');
  const work = new Work();

  const path = $derived({ params: { path: { personId: person.id } } });

  async function attempt(call: () => Promise<{ signIn: SignInView | null }>, words: string | null) {
    await work.do(async () => {
      signIn = (await call()).signIn;
      loaded = true;
      if (words) said.say(words);
    });
  }

  $effect(() => {
    void attempt(() => answer(api.GET('/api/people/{personId}/sign-in', path)), null);
  });

  function invite() {
    return attempt(
      () => answer(api.POST('/api/people/{personId}/sign-in', { ...path, body: { role } })),
      'Invited. The mail is in the mailbox.',
    );
  }

  function change(other: SignInView['role'], active: boolean) {
    return attempt(
      () =>
        answer(
          api.PUT('/api/people/{personId}/sign-in', { ...path, body: { role: other, active } }),
        ),
      active ? 'Kept. Whoever is signed in has to sign in again.' : 'Switched off, at once.',
    );
  }

  function endSecondStep() {
    return attempt(
      () => answer(api.DELETE('/api/people/{personId}/sign-in/second-step', path)),
      'Ended. The password alone lets them in again.',
    );
  }

  function sendLink() {
    return attempt(
      () => answer(api.POST('/api/people/{personId}/sign-in/link', path)),
      'Sent. The link holds for a week, once.',
    );
  }
</script>

{#snippet roles(chosen: SignInView['role'], choose: (role: SignInView['role']) => void)}
  <select
    class="select w-80 select-sm"
    aria-label="What they may do"
    value={chosen}
    disabled={work.busy}
    onchange={(event) => choose(event.currentTarget.value as SignInView['role'])}
  >
    {#each session.current.roles as { role: value, words: about } (value)}
      <option {value}>{words(value).toLowerCase()}: {about}</option>
    {/each}
  </select>
{/snippet}

<h2 class="mt-7 mb-1">Signing in</h2>
<div class="flex flex-wrap items-center gap-3" data-sign-in>
  {#if signIn === null && loaded}
    {#if person.email}
      <span>Cannot sign in yet.</span>
      {@render roles(role, (chosen) => (role = chosen))}
      <button class="btn btn-sm" disabled={work.busy} onclick={invite}>Invite by mail</button>
    {:else}
      <span>
        Has no e-mail address{person.clockCode
          ? ` and uses the clock terminal with the code ${person.clockCode}`
          : '. Give an address or a clock code under Details'}.
      </span>
    {/if}
  {:else if signIn !== null}
    {@const current = signIn}
    <span>
      Signs in as <strong>{current.username}</strong>{current.active
        ? current.hasPassword
          ? ''
          : session.current.passwords
            ? ', invited, no password yet'
            : ''
        : ', switched off'}{current.secondStep ? ', with a second step' : ''}.
    </span>
    {@render roles(current.role, (chosen) => void change(chosen, current.active))}
    {#if current.active}
      {#if session.current.passwords}
        <button class="btn btn-sm" disabled={work.busy} onclick={sendLink}
          >Send a password link</button
        >
      {/if}
      {#if current.secondStep}
        <button class="btn btn-sm" disabled={work.busy} onclick={endSecondStep}
          >End the second step</button
        >
      {/if}
      <button class="btn btn-sm" disabled={work.busy} onclick={() => change(current.role, false)}
        >Switch off</button
      >
    {:else}
      <button class="btn btn-sm" disabled={work.busy} onclick={() => change(current.role, true)}
        >Switch on</button
      >
    {/if}
  {/if}
</div>
<div class="mt-2"><ProblemNote problem={work.problem} /></div>
<p class="quiet text-sm">
  What everybody needs for it stands under <a class="underline" href="#/ways-in">ways to sign in</a
  >.
</p>
{#if signIn?.decides}
  <h2 class="mt-7 mb-1">Stand-ins</h2>
  <StandIns personId={person.id} name={person.name} />
{/if}
