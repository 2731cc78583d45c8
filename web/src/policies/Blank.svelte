<script lang="ts">
  import { figuresAround } from './figures.svelte';

  let {
    value = $bindable(),
    name,
    field,
    problemAt = null,
    wide = false,
  }: {
    value: string | number | null;
    name: string;
    field?: string;
    problemAt?: string | null;
    wide?: boolean;
  } = $props();

  const figures = figuresAround();
  $effect(() => figures?.show(name));
  const unseen = $derived(figures?.isUnseen(name) ?? false);

  const text = $derived(value === null ? '' : String(value));
  const wrong = $derived(field !== undefined && problemAt === field);

  function change(typed: string) {
    const plain = typed.trim().replace(',', '.');
    value = typeof value === 'number' ? Number(plain) || 0 : plain === '' ? null : plain;
  }
</script>

<input
  class={[
    'border-b-2 bg-transparent px-0.5 text-center font-semibold text-primary focus:bg-base-200',
    wrong ? 'border-error' : 'border-primary/50',
    unseen && 'border-2 border-dashed border-accent bg-base-200',
  ]}
  style:width={wide ? '6.5rem' : `${Math.max(2, text.length) + 1.2}ch`}
  inputmode={wide ? undefined : 'decimal'}
  aria-label={name}
  aria-invalid={wrong}
  title={unseen ? 'Came with the starting point; nobody has looked at it yet' : undefined}
  data-unseen={unseen || undefined}
  value={text}
  onblur={() => figures?.see(name)}
  oninput={(event) => change(event.currentTarget.value)}
/>
