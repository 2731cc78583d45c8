<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import CircleDashed from '@lucide/svelte/icons/circle-dashed';
  import CircleSlash from '@lucide/svelte/icons/circle-slash';
  import Contrast from '@lucide/svelte/icons/contrast';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import type { RequestSummary } from '../api/types';
  import { words } from './format';

  let { state }: { state: RequestSummary['state'] } = $props();

  const shapes = {
    WAITING: CircleDashed,
    APPROVED: Check,
    PARTLY_APPROVED: Contrast,
    DECLINED: CircleSlash,
    WITHDRAWN: Undo2,
    CANCELLED: Undo2,
  };
  const Shape = $derived(shapes[state]);
</script>

<span class="inline-flex items-center gap-1 text-sm font-semibold whitespace-nowrap">
  <Shape size={15} aria-hidden="true" />
  {words(state)}
</span>
