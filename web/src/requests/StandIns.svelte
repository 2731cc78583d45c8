<script lang="ts">
  import { answer, api } from '../api/client';
  import type { StandIn, StandInChoice } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Field from '../common/Field.svelte';
  import { day, plusDays } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';

  let { personId, name }: { personId: number; name: string } = $props();

  let named = $state<StandIn[] | null>(null);
  let choices = $state<StandInChoice[]>([]);
  let standInId = $state<number>();
  let first = $state(session.current.today);
  let last = $state(plusDays(session.current.today, 4));
  const work = new Work();
  const path = $derived({ personId });

  $effect(() => {
    const params = { path };
    void work.do(async () => {
      [named, choices] = await Promise.all([
        answer(api.GET('/api/people/{personId}/stand-ins', { params })),
        answer(api.GET('/api/people/{personId}/stand-ins/choices', { params })),
      ]);
    });
  });

  function add() {
    void work.do(async () => {
      named = await answer(
        api.POST('/api/people/{personId}/stand-ins', {
          params: { path },
          body: { standInId: standInId!, first, last },
        }),
      );
      const standIn = choices.find((each) => each.personId === standInId)!.name;
      said.say(`${standIn} signs from ${day(first)} to ${day(last)}.`);
      standInId = undefined;
    });
  }

  function remove(standIn: StandIn) {
    void work.do(async () => {
      named = await answer(
        api.DELETE('/api/people/{personId}/stand-ins/{id}', {
          params: { path: { personId, id: standIn.id } },
        }),
      );
      said.say(`${standIn.standIn} no longer stands in.`);
    });
  }
</script>

<p class="quiet mb-3">
  Who signs in the place of {name} on some days. Without one, requests go to the next higher while {name.split(
    ' ',
  )[0]} is away, and to the administrators where there is nobody else.
</p>
{#if named === null}
  {#if !work.problem}<Waiting what="Fetching stand-ins" />{/if}
{:else}
  {#if named.length > 0}
    <ul class="mb-4 divide-y divide-base-300" data-stand-ins>
      {#each named as each (each.id)}
        <li class="flex items-baseline justify-between gap-3 py-1">
          <span>
            <strong>{each.standIn}</strong>, {day(each.first)} to {day(each.last)}
            <span class="quiet text-sm">named by {each.namedBy}</span>
          </span>
          <button class="underline" disabled={work.busy} onclick={() => remove(each)}
            >Take back</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <form
    class="flex flex-wrap items-end gap-3"
    onsubmit={(event) => {
      event.preventDefault();
      add();
    }}
  >
    <Field label="Stand-in" field="standInId" problem={work.problem}>
      <select class="select w-64" name="standInId" bind:value={standInId} required>
        <option value={undefined}>Choose somebody</option>
        {#each choices as each (each.personId)}
          <option value={each.personId}>{each.name}, {each.team}</option>
        {/each}
      </select>
    </Field>
    <Field label="From" field="first" problem={work.problem}>
      <DateField class="input w-36" name="first" bind:value={first} />
    </Field>
    <Field label="Through" field="last" problem={work.problem}>
      <DateField class="input w-36" name="last" bind:value={last} />
    </Field>
    <button class="btn btn-primary" disabled={work.busy || standInId === undefined}
      >Name as stand-in</button
    >
  </form>
{/if}
<div class="mt-3"><ProblemNote problem={work.problem} /></div>
