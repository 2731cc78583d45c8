<script lang="ts">
  import type { Terms } from '../api/types';
  import Blank from './Blank.svelte';

  let { tenure = $bindable(), problemAt }: { tenure: Terms['tenure']; problemAt: string | null } =
    $props();

  /** Each figure has a name of its own, the first without a number. */
  function step(name: string, index: number): string {
    return index === 0 ? name : `${name}, step ${index + 1}`;
  }

  function another() {
    const before = tenure.at(-1);
    tenure = [
      ...tenure,
      { fromYears: (before?.fromYears ?? 0) + 5, amount: before?.amount ?? '1' },
    ];
  }
</script>

{#each tenure as band, index (index)}
  {index === 0 ? 'From' : ', from'}
  <Blank name={step('Years of service', index)} bind:value={band.fromYears} /> years of service on it
  is
  <Blank
    name={step('Amount with tenure', index)}
    field="terms.tenure"
    {problemAt}
    bind:value={band.amount}
  />
  instead{/each}.
<button class="text-base underline" onclick={another}>another step</button>
