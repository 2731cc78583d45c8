<script lang="ts">
  import { soon } from '../common/soon';
  import { answer, api } from '../api/client';
  import type { Person } from '../api/types';

  let {
    chosen = $bindable(),
    name,
    label,
    without = null,
    nobody = 'nobody',
  }: {
    /** The id of the chosen person. */
    chosen: number | null;
    /** The name of who is chosen now. */
    name: string | null;
    label: string;
    /** Somebody who cannot be chosen. */
    without?: number | null;
    /** What it is called where nobody is chosen. */
    nobody?: string;
  } = $props();

  let typed = $state('');
  let found = $state<Person[]>([]);
  let picked = $state<string | null>(null);

  $effect(() => {
    const search = typed.trim();
    if (search.length < 2) {
      found = [];
      return;
    }
    return soon(async () => {
      const page = await answer(
        api.GET('/api/people', { params: { query: { search, page: 0, size: 7 } } }),
      );
      found = page.items.filter((each) => each.id !== without);
    }, 120);
  });

  function pick(person: Person) {
    chosen = person.id;
    picked = person.name;
    typed = '';
  }

  function clear() {
    chosen = null;
    picked = null;
  }
</script>

<div>
  {#if chosen !== null}
    <p class="flex items-center gap-3">
      <span>{picked ?? name}</span>
      <button type="button" class="underline" onclick={clear}>instead {nobody}</button>
    </p>
  {/if}
  <input
    class="input w-64"
    placeholder={chosen === null ? `${nobody}; type a name` : 'type another name'}
    aria-label={label}
    bind:value={typed}
  />
  {#if found.length > 0}
    <ul class="mt-1 max-w-sm border border-base-300 bg-base-100">
      {#each found as person (person.id)}
        <li>
          <button
            type="button"
            class="w-full px-2 py-1 text-left hover:bg-base-200"
            onclick={() => pick(person)}
            >{person.name} <span class="quiet text-sm">{person.code}, {person.team}</span></button
          >
        </li>
      {/each}
    </ul>
  {/if}
</div>
