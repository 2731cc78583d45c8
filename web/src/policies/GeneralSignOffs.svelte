<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { SignOffStep } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import SignOffPath from './SignOffPath.svelte';
  import { Work } from '../common/work.svelte';

  let { close }: { close: () => void } = $props();

  let path = $state<SignOffStep[] | null>(null);
  const work = new Work();

  $effect(() => {
    answer(api.GET('/api/sign-offs')).then(
      (loaded) => (path = loaded),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function keep() {
    await work.do(async () => {
      await answer(
        api.PUT('/api/sign-offs', { body: { signOffs: $state.snapshot(path) as SignOffStep[] } }),
      );
      said.say('Kept. Requests sent from now on take this path.');
      close();
    });
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
      {#if !work.problem}<Waiting what="Fetching the path" />{/if}
    {:else}
      <SignOffPath bind:path />
      <ProblemNote problem={work.problem} />
      <div>
        <button class="btn btn-primary" disabled={work.busy} onclick={keep}>Keep this path</button>
      </div>
    {/if}
  </div>
</SidePanel>
