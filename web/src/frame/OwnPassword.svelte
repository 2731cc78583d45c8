<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import SecondStep from './SecondStep.svelte';
  import { Work } from '../common/work.svelte';

  let { close }: { close: () => void } = $props();

  let before = $state('');
  let password = $state('');
  let again = $state('');
  const work = new Work();

  async function change(event: SubmitEvent) {
    event.preventDefault();
    if (password !== again) {
      work.problem = new Problem('The two new passwords differ. Please type the same twice.');
      return;
    }
    await work.do(async () => {
      await answer(api.PUT('/api/session/password', { body: { before, password } }));
      said.say('The password is changed. Everywhere else you are signed out.');
      close();
    });
  }
</script>

{#snippet secret(
  name: string,
  label: string,
  kind: 'current-password' | 'new-password',
  set: (text: string) => void,
)}
  <label class="block">
    <span class="block font-semibold">{label}</span>
    <input
      class="input w-full max-w-sm"
      type="password"
      {name}
      autocomplete={kind}
      oninput={(event) => set(event.currentTarget.value)}
    />
  </label>
{/snippet}

<SidePanel title="Your password" {close}>
  <form class="space-y-3" onsubmit={change}>
    {@render secret(
      'before',
      'The one you have now',
      'current-password',
      (text) => (before = text),
    )}
    {@render secret(
      'new-password',
      'The new one, at least 12 characters',
      'new-password',
      (text) => (password = text),
    )}
    {@render secret('again', 'The new one again', 'new-password', (text) => (again = text))}
    <ProblemNote problem={work.problem} />
    <button class="btn btn-primary" disabled={work.busy || !before || !password || !again}
      >Change the password</button
    >
  </form>
  <div class="mt-8 border-t border-base-300 pt-4"><SecondStep /></div>
</SidePanel>
