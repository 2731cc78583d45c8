<script lang="ts">
  import type { Problem } from '../api/problem';
  import type { Organisation, Placing } from '../api/types';
  import Field from '../common/Field.svelte';
  import { EMPLOYMENT_TYPES } from './employment';
  import PersonPicker from './PersonPicker.svelte';

  let {
    placing = $bindable(),
    organisation,
    approver = null,
    personId = null,
    problem = null,
  }: {
    placing: Placing;
    organisation: Organisation;
    approver?: string | null;
    personId?: number | null;
    problem?: Problem | null;
  } = $props();
</script>

<div class="flex flex-wrap gap-4">
  <Field label="Site" field="siteId" {problem}>
    <select class="select w-44" name="site" bind:value={placing.siteId}>
      {#each organisation.sites as site (site.id)}<option value={site.id}>{site.name}</option
        >{/each}
    </select>
  </Field>
  <Field label="Team" field="teamId" {problem}>
    <select class="select w-44" name="team" bind:value={placing.teamId}>
      {#each organisation.teams as team (team.id)}<option value={team.id}>{team.name}</option
        >{/each}
    </select>
  </Field>
  <Field label="Employed as" field="employmentType" {problem}>
    <select class="select w-32" name="employed-as" bind:value={placing.employmentType}>
      {#each EMPLOYMENT_TYPES as [type, name] (type)}<option value={type}>{name}</option>{/each}
    </select>
  </Field>
  <Field label="Pay group" field="payGroupId" {problem}>
    <select class="select w-44" name="pay-group" bind:value={placing.payGroupId}>
      {#each organisation.payGroups as group (group.id)}<option value={group.id}
          >{group.name}</option
        >{/each}
    </select>
  </Field>
</div>
<div class="mt-3">
  <span class="block text-sm font-semibold">Requests are decided by</span>
  <PersonPicker
    bind:chosen={placing.approverId}
    name={approver}
    label="Approver"
    without={personId}
  />
  {#if problem?.isAt('approverId')}
    <p role="alert" class="text-sm text-error">{problem.message}</p>
  {/if}
</div>
