<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { SignOffStep } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import SignOffPath from './SignOffPath.svelte';

  let { close }: { close: () => void } = $props();

  let path = $state<SignOffStep[] | null>(null);
  let problem = $state<Problem | null>(null);
  let busy = $state(false);

  $effect(() => {
    answer(api.GET('/api/sign-offs')).then(
      (loaded) => (path = loaded),
      (thrown) => (problem = Problem.of(thrown)),
    );
  });

  async function keep() {
    busy = true;
    problem = null;
    try {
      await answer(
        api.PUT('/api/sign-offs', { body: { signOffs: $state.snapshot(path) as SignOffStep[] } }),
      );
      said.say('Kept. Requests sent from now on take this path.');
      close();
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }
</script>

<SidePanel title="Sign-offs in general" {close}>
  <div class="space-y-4">
    <p>
      A request is signed off in this order, under every policy that has no path of its own. Nobody
      signs the same request twice, nobody their own; an administrator may decide over the top, on
      record.
    </p>
    {#if path === null}
      {#if !problem}<Waiting what="Fetching the path" />{/if}
    {:else}
      <SignOffPath bind:path />
      <ProblemNote {problem} />
      <div>
        <button class="btn btn-primary" disabled={busy} onclick={keep}>Keep this path</button>
      </div>
    {/if}
  </div>
</SidePanel>
