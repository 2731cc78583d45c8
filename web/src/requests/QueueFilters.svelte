<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { type Queue, SHOWN } from './queue.svelte';

  let { queue }: { queue: Queue } = $props();

  let more = $state(false);
  const first = () => (queue.page = 0);
</script>

<div class="mb-3 flex flex-wrap items-center gap-2">
  <select class="select w-44" aria-label="Which requests" bind:value={queue.show} onchange={first}>
    {#each Object.entries(SHOWN) as [name, shown] (name)}
      <option value={name}>{shown.title}</option>
    {/each}
  </select>
  <input
    type="search"
    class="input w-44"
    placeholder="Person"
    aria-label="Person"
    bind:value={queue.search}
    oninput={first}
  />
  <button class="underline sm:hidden" onclick={() => (more = !more)}
    >{more ? 'Fewer filters' : 'More filters'}</button
  >
  <div class={['flex flex-wrap items-center gap-2', !more && !queue.narrowed && 'max-sm:hidden']}>
    <select class="select w-36" aria-label="Team" bind:value={queue.teamId} onchange={first}>
      <option value="">All teams</option>
      {#each queue.organisation?.teams ?? [] as team (team.id)}
        <option value={String(team.id)}>{team.name}</option>
      {/each}
    </select>
    <select class="select w-40" aria-label="Policy" bind:value={queue.policyId} onchange={first}>
      <option value="">All policies</option>
      {#each queue.policies as policy (policy.id)}
        <option value={String(policy.id)}>{policy.name}</option>
      {/each}
    </select>
    <span class="quiet">days from</span>
    <DateField
      class="input w-32"
      label="With a day from"
      bind:value={queue.from}
      onchange={first}
    />
    <span class="quiet">to</span>
    <DateField
      class="input w-32"
      label="With a day through"
      bind:value={queue.through}
      onchange={first}
    />
  </div>
  {#if queue.narrowed}
    <button class="underline" onclick={() => queue.clear()}>Show all</button>
  {/if}
</div>
