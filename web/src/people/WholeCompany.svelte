<script lang="ts">
  import { answer, api } from '../api/client';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { save } from '../common/save';
  import { said } from '../common/said.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  const work = new Work();

  async function take() {
    await work.do(async () => {
      const file = await answer(api.GET('/api/company', { parseAs: 'blob' }));
      save(`company-${session.current.today}.zip`, file as unknown as Blob);
      said.say('The copy is yours; that it was taken is on the audit trail.');
    });
  }
</script>

<section class="mt-8 max-w-2xl border-t border-base-300 pt-4">
  <h2 class="mb-1">Everything in one file</h2>
  <p class="mb-3">
    A zip of plain tables (CSV) with a description (JSON): people, policies, requests, hours, runs,
    what was posted and the audit trail, as they are now. A new, empty program takes it in with
    <code>./up-ahead start --data FOLDER --from FILE</code>. It holds everything about everybody,
    and passwords as they are stored; keep it as you keep those. Sent mail and open invitations are
    not in it. What is kept every day, to go back to, are the
    <a class="underline" href="#/running">backups</a>. How long the names of people who left are in
    all this is said under <a class="underline" href="#/people/names">names of leavers</a>.
  </p>
  <ProblemNote problem={work.problem} />
  <button class="btn" disabled={work.busy} onclick={take}>
    {work.busy ? 'Gathering everything' : 'Download the company'}
  </button>
</section>
