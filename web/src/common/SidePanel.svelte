<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import type { Snippet } from 'svelte';

  let {
    title,
    wide = false,
    close,
    children,
  }: {
    title: string;
    /** Takes more of the screen, for what has columns. */
    wide?: boolean;
    close: () => void;
    children: Snippet;
  } = $props();

  function focus(panel: HTMLElement) {
    panel.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && close()} />

<div
  role="dialog"
  aria-label={title}
  tabindex="-1"
  use:focus
  class={[
    'fixed inset-y-0 right-0 z-30 flex w-full flex-col border-l-4 border-primary bg-base-100 shadow-2xl outline-none',
    wide ? 'max-w-4xl' : 'max-w-2xl',
  ]}
>
  <header class="flex items-center justify-between border-b border-base-300 px-5 py-3">
    <h2>{title}</h2>
    <button class="btn btn-ghost btn-sm" onclick={close}>
      <X size={16} aria-hidden="true" /> Close
    </button>
  </header>
  <div class="grow overflow-y-auto px-5 py-4">
    {@render children()}
  </div>
</div>
