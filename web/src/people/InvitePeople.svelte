<script lang="ts">
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { DirectoryFilter, ManyInvitations } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { counted, peopleCounted, words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';

  let { filters, close }: { filters: DirectoryFilter; close: () => void } = $props();

  let shown = $state<ManyInvitations | null>(null);
  const work = new Work();

  $effect(() => {
    answer(api.GET('/api/invitations', { params: { query: filters } })).then(
      (loaded) => (shown = loaded),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  async function invite() {
    await work.do(async () => {
      const people = shown!.invited.map((each) => each.personId);
      const { invited } = await answer(api.POST('/api/invitations', { body: { people } }));
      said.say(`${counted(invited.length, 'invitation')} sent. Each link holds for a week, once.`);
      close();
    });
  }
</script>

{#snippet left(names: string[], why: string)}
  {#if names.length > 0}
    <p class="mt-2">
      <span class="font-semibold">{peopleCounted(names.length)} {why}:</span>
      {names.join(', ')}.
    </p>
  {/if}
{/snippet}

<SidePanel title="Invite these people" {close}>
  <ProblemNote problem={work.problem} />
  {#if shown === null}
    {#if !work.problem}<Waiting what="Looking who can be invited" />{/if}
  {:else}
    <p class="mb-3">
      Each gets a mail with a link to set a password, and signs in with the address. Whoever decides
      for others is invited as an approver, everybody else as an employee; on a person’s page that
      can be changed.
    </p>
    {@render left(shown.withoutMail, 'without a mail address')}
    {@render left(shown.sharedAddress, 'with an address that is somebody else’s, too')}
    <p class="quiet mt-2">
      {#if shown.already > 0}{peopleCounted(shown.already)} can sign in already or were invited before.{/if}
      {#if shown.left > 0}{peopleCounted(shown.left)} left and get no mail.{/if}
    </p>
    {#if shown.invited.length === 0}
      <Empty><p>Nobody of these is left to be invited.</p></Empty>
    {:else}
      <button
        class="btn mb-3 btn-primary"
        disabled={work.busy || shown.invited.length === 0}
        onclick={invite}
      >
        {work.busy ? 'Sending' : `Send ${counted(shown.invited.length, 'invitation')}`}
      </button>
      <table class="figures" data-invited>
        <thead><tr><th>Name</th><th>Mail</th><th>Invited as</th></tr></thead>
        <tbody>
          {#each shown.invited as each (each.personId)}
            <tr><td>{each.name}</td><td>{each.email}</td><td>{words(each.role)}</td></tr>
          {/each}
        </tbody>
      </table>
    {/if}
  {/if}
</SidePanel>
