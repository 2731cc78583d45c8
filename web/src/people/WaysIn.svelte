<script lang="ts">
  import { answer, api } from '../api/client';
  import type { WaysIn } from '../api/types';
  import { words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';

  let ways = $state<WaysIn | null>(null);
  const work = new Work();

  $effect(() => {
    void work.do(async () => {
      ways = await answer(api.GET('/api/ways-in'));
    });
  });

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const { passwords, directoryComesIn, secondStepFor } = ways!;
    await work.do(async () => {
      const body = { passwords, directoryComesIn, secondStepFor: [...secondStepFor] };
      ways = await answer(api.PUT('/api/ways-in', { body }));
      session.current.passwords = ways.passwords;
      said.say('Kept. It holds from the next sign-in on.');
    });
  }
</script>

<h1 class="mb-4">Ways to sign in</h1>
{#if ways}
  <form class="max-w-2xl space-y-6" onsubmit={keep} data-ways-in>
    <fieldset>
      <legend class="text-lg font-semibold">A name and a password</legend>
      <label class="mt-1 flex items-start gap-2">
        <input
          type="checkbox"
          class="checkbox mt-1 checkbox-sm"
          name="passwords"
          disabled={ways.passwordsForced || !ways.provider}
          bind:checked={ways.passwords}
        />
        <span>
          lets people in
          <span class="quiet block">
            {ways.passwordsForced
              ? 'It does whatever is said here: the program was started so.'
              : ways.provider
                ? 'Can be switched off by whoever came in by single sign-on and so knows that it works.'
                : 'Can be switched off once there is single sign-on.'}
          </span>
        </span>
      </label>
      <p class="mt-3 font-semibold">After it, a code from an app on the telephone for</p>
      {#each session.current.roles as { role, words: about } (role)}
        <label class="flex items-center gap-2">
          <input
            type="checkbox"
            class="checkbox checkbox-sm"
            name={`second-step-${role}`}
            value={role}
            bind:group={ways.secondStepFor}
          />
          every {words(role).toLowerCase()}
          <span class="quiet">({about})</span>
        </label>
      {/each}
      <p class="quiet mt-1">
        Whoever has none sets it up at the next sign-in, before anything else. Everybody else can,
        under Your password. Somebody who lost the device is helped on their page, under Signing in.
      </p>
    </fieldset>
    <fieldset>
      <legend class="text-lg font-semibold">Single sign-on</legend>
      {#if ways.provider}
        <p class="mt-1">
          People come in with {ways.provider}. The first time they are found by the e-mail address
          that stands with them here; from then on their account counts. Switching somebody’s
          sign-in off and on again lets them come in with another one.
        </p>
        <label class="mt-2 flex items-start gap-2">
          <input
            type="checkbox"
            class="checkbox mt-1 checkbox-sm"
            name="directory-comes-in"
            bind:checked={ways.directoryComesIn}
          />
          <span>
            whoever is employed and was not invited comes in, too
            <span class="quiet block">as an employee, with own balances and requests</span>
          </span>
        </label>
      {:else}
        <p class="mt-1">
          There is none. Whoever runs the program names a provider of OpenID Connect when it starts.
        </p>
      {/if}
    </fieldset>
    <ProblemNote problem={work.problem} />
    <button class="btn btn-primary" disabled={work.busy}>Keep this</button>
  </form>
{:else if work.problem}
  <ProblemNote problem={work.problem} />
{:else}
  <Waiting what="Asking" />
{/if}
