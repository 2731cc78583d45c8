<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Person } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { save } from '../common/save';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';

  let { person }: { person: Person } = $props();

  const work = new Work();

  async function take() {
    await work.do(async () => {
      const file = await answer(
        api.GET('/api/people/{personId}/everything', {
          params: { path: { personId: person.id } },
          parseAs: 'blob',
        }),
      );
      save(`person-${person.code}-${session.current.today}.zip`, file as unknown as Blob);
    });
  }
</script>

<h2 class="mt-7 mb-1">When {person.name} asks what is kept</h2>
<p class="mb-2 max-w-2xl">
  Everything about them in one zip: plain tables (CSV) with what they did, had, earned and took,
  what was posted and said, and their documents as files. That it was taken stands on the trail.
</p>
<ProblemNote problem={work.problem} />
<button class="btn btn-sm" disabled={work.busy} onclick={take}>
  {work.busy ? 'Gathering it' : 'Download all about them'}
</button>
