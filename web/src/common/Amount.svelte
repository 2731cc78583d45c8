<script lang="ts">
  import { isNegative } from './decimal';
  import { amount, signed } from './format';

  let { value, change = false }: { value: string; change?: boolean } = $props();
</script>

<span
  title={value}
  class={isNegative(value) && !change
    ? 'border-b-2 border-error font-semibold text-error'
    : undefined}>{change ? signed(value) : amount(value)}</span
>
