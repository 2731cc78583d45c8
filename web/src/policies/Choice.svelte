<script lang="ts" generics="T extends string">
  let {
    value = $bindable(),
    choices,
    name,
  }: { value: T | null; choices: [T, string][]; name: string } = $props();
</script>

<select
  class="border-b-2 border-primary/50 bg-transparent font-semibold text-primary"
  aria-label={name}
  bind:value
>
  {#each choices as [choice, label] (choice)}
    <option value={choice}>{label}</option>
  {/each}
</select>
