<script lang="ts">
  import { soon } from '../common/soon';
  import { answer, api } from '../api/client';
  import type { Alike } from '../api/types';
  import { day } from '../common/format';
  import { latest } from '../common/latest';

  let { name, email, hired }: { name: string; email: string | null; hired: string } = $props();

  let alike = $state<Alike[]>([]);
  const ask = latest<Alike[]>();

  $effect(() => {
    const query = { name, email: email ?? undefined, hired: hired || undefined };
    return soon(() => {
      ask(
        answer(api.GET('/api/people/alike', { params: { query } })),
        (found) => (alike = found),
        () => (alike = []),
      );
    }, 300);
  });
</script>

{#if alike.length > 0}
  <div role="status" class="mt-4 border-l-4 border-accent bg-base-200 px-3 py-1.5" data-alike>
    <p class="font-semibold">Is this somebody who is here already?</p>
    <ul>
      {#each alike as each (each.personId)}
        <li>
          <a class="underline" href={`#/people/${each.personId}`}>{each.code} {each.name}</a>: {each.what},
          hired {day(each.hired)}{each.lastDay
            ? `, left ${day(each.lastDay)}; to come back, go there`
            : ''}
        </li>
      {/each}
    </ul>
  </div>
{/if}
