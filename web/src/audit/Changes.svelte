<script lang="ts">
  import { answer, api } from '../api/client';
  import type { AuditRecord } from '../api/types';
  import AuditList from './AuditList.svelte';

  let {
    subject,
    subjectId,
    version = 0,
  }: {
    subject: string;
    subjectId: number;
    /** Goes up when something was changed here. */
    version?: number;
  } = $props();

  const SHOWN = 50;

  let open = $state(false);
  let found = $state<{ items: AuditRecord[]; total: number } | null>(null);

  $effect(() => {
    void version;
    if (!open) return;
    answer(
      api.GET('/api/audit', { params: { query: { subject, subjectId, page: 0, size: SHOWN } } }),
    ).then((loaded) => (found = loaded));
  });
</script>

<details class="mt-7" bind:open>
  <summary class="cursor-pointer text-lg font-semibold">Who changed what here</summary>
  {#if found}
    {#if found.items.length === 0}
      <p class="quiet">Nothing was changed yet.</p>
    {:else}
      <AuditList records={found.items} withThing={false} />
      {#if found.total > SHOWN}
        <p class="quiet">
          The newest {SHOWN} of {found.total};
          <a class="underline" href="#/audit">all in the audit trail</a>.
        </p>
      {/if}
    {/if}
  {/if}
</details>
