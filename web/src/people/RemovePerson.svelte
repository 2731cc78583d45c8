<script lang="ts">
  import { replace } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Person } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';

  let { person }: { person: Person } = $props();

  let asking = $state(false);
  const work = new Work();

  async function remove() {
    asking = await work.do(async () => {
      await answer(
        api.DELETE('/api/people/{personId}', { params: { path: { personId: person.id } } }),
      );
      said.say(`${person.name} is removed.`);
      replace('/people');
    });
  }
</script>

<section class="mt-7">
  <p class="quiet">
    Entered by mistake?
    {#if asking}
      Remove {person.name} for good?
      <button class="btn mx-2 btn-sm" onclick={remove}>Remove {person.name}</button>
      <button class="underline" onclick={() => (asking = false)}>Keep</button>
    {:else}
      <button class="underline" onclick={() => (asking = true)}>Remove this person</button>, as long
      as nothing hangs on them.
    {/if}
  </p>
  <ProblemNote problem={work.problem} />
</section>
