<script lang="ts">
  import { session } from '../frame/session.svelte';
  import { meantDay, plusMonths } from './dates';
  import { day, plusDays } from './format';

  let {
    value = $bindable(),
    name,
    label,
    class: look = 'input w-44',
    onchange,
  }: {
    /** The day as 2027-05-03, empty where there is none. */
    value: string;
    name?: string;
    /** Where no label stands around the field. */
    label?: string;
    class?: string;
    onchange?: (day: string) => void;
  } = $props();

  let typed = $state<string | null>(null);

  const wrong = $derived(
    typed !== null && typed.trim() !== '' && meant(typed) === null && typed !== shown(value),
  );

  function shown(iso: string): string {
    return iso ? day(iso) : '';
  }

  function meant(text: string): string | null {
    return meantDay(text, session.current.today, value || session.current.today);
  }

  function set(iso: string) {
    typed = null;
    if (iso !== value) {
      value = iso;
      onchange?.(iso);
    }
  }

  function settle() {
    if (typed === null || typed === shown(value)) {
      typed = null;
    } else if (typed.trim() === '') {
      set('');
    } else {
      const found = meant(typed);
      if (found !== null) set(found);
    }
  }

  function onKey(event: KeyboardEvent) {
    const from = value || session.current.today;
    const moves: Record<string, () => string> = {
      ArrowUp: () => plusDays(from, 1),
      ArrowDown: () => plusDays(from, -1),
      PageUp: () => plusMonths(from, 1),
      PageDown: () => plusMonths(from, -1),
    };
    if (event.key in moves) {
      event.preventDefault();
      set(moves[event.key]!());
    } else if (event.key === 'Enter') {
      settle();
    }
  }
</script>

<span class="inline-block">
  <input
    type="text"
    class={[look, wrong && 'border-error']}
    {name}
    aria-label={label}
    aria-invalid={wrong}
    autocomplete="off"
    data-date={value}
    placeholder="such as 3 May"
    title="A day such as 3 May, 3.5.2027, fri, +2w or t for today; the arrow keys move it"
    value={typed ?? shown(value)}
    oninput={(event) => (typed = event.currentTarget.value)}
    onchange={settle}
    onblur={settle}
    onkeydown={onKey}
  />
  {#if wrong}
    <span role="alert" class="block text-sm text-error"
      >That is no day; write it as 3 May 2027.</span
    >
  {/if}
</span>
