<script lang="ts">
  import { onDestroy } from 'svelte';
  import { Problem } from '../api/problem';
  import ProblemNote from './ProblemNote.svelte';
  import { LongWork } from './progress.svelte';
  import { save } from './save';

  let {
    path,
    query = {},
    more = [],
    progressed = false,
  }: {
    /** Of the table, without an ending. */
    path: string;
    query?: Record<string, string | number | boolean | string[]>;
    /** What there is beside CSV and a workbook: its name and what stands after the path. */
    more?: { name: string; ending: string }[];
    /** Whether the server tells how far it is. */
    progressed?: boolean;
  } = $props();

  let problem = $state<Problem | null>(null);
  let busy = $state(false);
  const progress = new LongWork();

  onDestroy(() => progress.end());

  const asked = $derived(
    new URLSearchParams(
      Object.entries(query).flatMap(([name, value]) =>
        [value].flat().map((each): [string, string] => [name, String(each)]),
      ),
    ).toString(),
  );
  const formats = $derived([
    { name: 'Download CSV', ending: '.csv' },
    { name: 'XLSX', ending: '.xlsx' },
    ...more,
  ]);

  function address(ending: string): string {
    return `${path}${ending}${ending.includes('?') ? '&' : '?'}${asked}`;
  }

  /** Long files are waited for here, with how far they are; a refusal is said. */
  async function fetchFile(event: MouseEvent, ending: string) {
    if (!progressed || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    if (busy) return;
    busy = true;
    problem = null;
    try {
      await progress.of(async (token) => {
        const response = await fetch(`${address(ending)}&progress=${token}`);
        if (!response.ok) throw Problem.from(await response.json());
        const name = /filename="([^"]+)"/.exec(response.headers.get('Content-Disposition') ?? '');
        save(name?.[1] ?? 'table', await response.blob());
      });
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }
</script>

<span class="join">
  {#each formats as { name, ending } (ending)}
    <a
      class={['btn join-item', busy && 'btn-disabled']}
      href={address(ending)}
      download
      onclick={(event) => fetchFile(event, ending)}>{name}</a
    >
  {/each}
</span>
{#if busy && progress.step && progress.step.of > 0}
  <span class="quiet text-sm" role="status"
    >{progress.step.what}: {progress.step.done} of {progress.step.of}</span
  >
{/if}
<ProblemNote {problem} />
