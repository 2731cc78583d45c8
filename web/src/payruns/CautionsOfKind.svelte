<script lang="ts">
  import type { Snippet } from 'svelte';
  import { answer, api } from '../api/client';
  import type { Caution, Worksheet } from '../api/types';
  import { latest } from '../common/latest';
  import { keyOf } from './cautions';

  let {
    worksheet,
    kind,
    accepted,
    look,
    deed,
    under,
  }: {
    worksheet: Worksheet;
    /** Null for all kinds. */
    kind: Caution['kind'] | null;
    accepted: boolean;
    look: (caution: Caution) => void;
    deed: Snippet<[Caution]>;
    under: Snippet<[Caution]>;
  } = $props();

  const SIZE = 50;

  let cautions = $state<Caution[]>([]);
  let total = $state(0);
  let size = $state(SIZE);
  const answers = latest<{ items: Caution[]; total: number }>();

  $effect(() => {
    const query = { size, ...(kind === null ? {} : { kind }) };
    answers(
      answer(
        api.GET('/api/pay-runs/{id}/cautions', {
          params: { path: { id: worksheet.run.id }, query },
        }),
      ),
      (page) => {
        cautions = page.items.filter((each) => (each.accepted !== null) === accepted);
        total = page.total;
      },
      () => (cautions = []),
    );
  });
</script>

<ul class="mt-1 mb-2 ml-4 max-h-64 space-y-1 overflow-y-auto">
  {#each cautions as caution (keyOf(caution))}
    <li>
      <div class="flex items-start gap-2">
        <span class="grow">
          <button class="text-left underline" onclick={() => look(caution)}>{caution.person}</button
          >{caution.policy ? `, ${caution.policy}` : ''}: {caution.words}
        </span>
        {@render deed(caution)}
      </div>
      {@render under(caution)}
    </li>
  {/each}
  {#if total > size && size < 200}
    <li><button class="underline" onclick={() => (size = 200)}>More of {total}</button></li>
  {/if}
</ul>
