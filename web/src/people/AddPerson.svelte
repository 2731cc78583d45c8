<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Organisation, StarterForm } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { policiesCounted as policies } from '../common/format';
  import { kept } from '../common/kept';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';
  import Alikes from './Alikes.svelte';
  import { figure, starter } from './employment';
  import StarterFields from './StarterFields.svelte';
  import { Work } from '../common/work.svelte';

  const FIELDS = [
    'code',
    'name',
    'email',
    'clockCode',
    'hired',
    'serviceFrom',
    'lastDay',
    'fte',
    'week',
    'approverId',
  ];

  const unsaved = kept<StarterForm>('somebody new');

  let organisation = $state<Organisation | null>(null);
  let form = $state<StarterForm | null>(null);
  const work = new Work();

  $effect(() => {
    answer(api.GET('/api/organisation')).then((loaded) => {
      organisation = loaded;
      const [site, team, group] = [loaded.sites[0], loaded.teams[0], loaded.payGroups[0]];
      if (site && team && group) {
        form =
          unsaved.recall() ??
          starter(
            {
              siteId: site.id,
              teamId: team.id,
              employmentType: 'HOURLY',
              payGroupId: group.id,
              approverId: null,
            },
            session.current.today,
          );
      }
    });
  });

  $effect(() => {
    if (form) unsaved.keep($state.snapshot(form) as StarterForm);
  });

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (!form) return;
    await work.do(async () => {
      const typed = $state.snapshot(form) as StarterForm;
      const added = await answer(
        api.POST('/api/people', {
          body: { ...typed, week: typed.week.map(figure), fte: figure(typed.fte) },
        }),
      );
      said.say(`${added.person.name} is here, enrolled in ${policies(added.enrolments.length)}.`);
      push(`/people/${added.person.id}`);
    });
  }
</script>

<h1 class="mb-4">Add somebody</h1>
{#if organisation === null}
  <Waiting what="Fetching sites and teams" />
{:else if form === null}
  <Empty>
    <p>
      First there must be a site, a team and a pay group:
      <a class="underline" href="#/people/organisation">add them here</a>.
    </p>
  </Empty>
{:else}
  <form class="max-w-5xl" onsubmit={add}>
    <StarterFields bind:form {organisation} problem={work.problem} />
    <Alikes name={form.details.name} email={form.details.email} hired={form.hired} />
    <div class="mt-5"><ProblemNote problem={work.problem} besides={FIELDS} /></div>
    <div class="mt-4 flex gap-3">
      <button class="btn btn-primary" disabled={work.busy}>Add</button>
      <a class="btn btn-ghost" href="#/people">Back to the directory</a>
    </div>
    <p class="quiet mt-2">Every policy in force that covers them enrols them by itself.</p>
  </form>
{/if}
