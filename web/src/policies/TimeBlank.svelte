<script lang="ts">
  import type { Time } from '../api/types';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';

  let {
    time = $bindable(),
    name,
  }: {
    time: Time;
    /** What it is the time for, in the names of the figures. */
    name: string;
  } = $props();

  const count = $derived(time.days ?? time.months ?? 0);

  function write(figure: number, of: 'days' | 'months') {
    time = of === 'days' ? { days: figure, months: null } : { days: null, months: figure };
  }
</script>

<Blank
  name={`Time for ${name}`}
  bind:value={() => count, (typed) => write(Number(typed), time.days === null ? 'months' : 'days')}
/>
<Choice
  name={`Days or months for ${name}`}
  choices={[
    ['days', 'days'],
    ['months', 'months'],
  ]}
  bind:value={
    () => (time.days === null ? 'months' : 'days'), (chosen) => write(count, chosen ?? 'days')
  }
/>
