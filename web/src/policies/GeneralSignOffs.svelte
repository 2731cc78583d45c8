<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Reminding, SignOffStep } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import SignOffPath from './SignOffPath.svelte';
  import { Work } from '../common/work.svelte';

  let { close }: { close: () => void } = $props();

  let path = $state<SignOffStep[] | null>(null);
  let reminding = $state<Reminding>({ afterDays: 3, beforeCloseDays: 2 });
  const work = new Work();

  $effect(() => {
    Promise.all([
      answer(api.GET('/api/sign-offs')),
      answer(api.GET('/api/sign-offs/reminders')),
    ]).then(
      ([loaded, reminders]) => {
        path = loaded;
        reminding = reminders;
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function keep() {
    await work.do(async () => {
      await answer(
        api.PUT('/api/sign-offs', { body: { signOffs: $state.snapshot(path) as SignOffStep[] } }),
      );
      await answer(api.PUT('/api/sign-offs/reminders', { body: $state.snapshot(reminding) }));
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
      <p>
        Whoever is asked is reminded after
        <input
          class="input mx-1 w-16 text-right"
          type="number"
          min="1"
          max="60"
          name="remind-after"
          aria-label="Days until a reminder"
          bind:value={reminding.afterDays}
        />
        days of waiting and again after as many, and
        <input
          class="input mx-1 w-16 text-right"
          type="number"
          min="0"
          max="14"
          name="remind-before-close"
          aria-label="Days before a pay period ends"
          bind:value={reminding.beforeCloseDays}
        />
        days before a pay period ends of which a day still waits.
      </p>
      <ProblemNote problem={work.problem} />
      <div>
        <button class="btn btn-primary" disabled={work.busy} onclick={keep}>Keep these</button>
      </div>
    {/if}
  </div>
</SidePanel>
