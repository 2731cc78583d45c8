<script lang="ts">
  import { answer, api } from '../api/client';
  import type { SignOffStep } from '../api/types';
  import { words } from '../common/format';
  import { session } from '../frame/session.svelte';
  import PersonPicker from '../people/PersonPicker.svelte';

  let { path = $bindable() }: { path: SignOffStep[] } = $props();

  const choices = $derived<[string, string][]>([
    ['APPROVER', 'by their approver'],
    ...session.current.roles
      .filter(({ decides }) => decides)
      .map(({ role }): [string, string] => [`ROLE ${role}`, `by any ${words(role).toLowerCase()}`]),
    ['PERSON', 'by a named person'],
  ]);
  const MOST = 5;

  let names = $state<Record<number, string>>({});

  $effect(() => {
    path
      .flatMap((step) => (step.personId === null ? [] : [step.personId]))
      .filter((id) => names[id] === undefined)
      .forEach((id) =>
        answer(api.GET('/api/people/{id}', { params: { path: { id } } })).then(
          (person) => (names[id] = person.name),
        ),
      );
  });

  function chosen(step: SignOffStep): string {
    return step.by === 'ROLE' ? `ROLE ${step.role}` : step.by;
  }

  function choose(at: number, choice: string) {
    const [by, role] = choice.split(' ');
    path[at] = {
      by: by as SignOffStep['by'],
      role: (role ?? null) as SignOffStep['role'],
      personId: null,
    };
  }
</script>

<ol class="list-decimal space-y-2 pl-6" data-sign-offs>
  {#each path as step, at (at)}
    <li>
      <div class="flex flex-wrap items-start gap-2">
        <select
          class="select w-56"
          aria-label={`Sign-off ${at + 1}`}
          value={chosen(step)}
          onchange={(event) => choose(at, event.currentTarget.value)}
        >
          {#each choices as [choice, name] (choice)}<option value={choice}>{name}</option>{/each}
        </select>
        {#if step.by === 'PERSON'}
          <PersonPicker
            bind:chosen={step.personId}
            name={step.personId === null ? null : (names[step.personId] ?? '…')}
            label={`Who gives sign-off ${at + 1}`}
          />
        {/if}
        {#if path.length > 1}
          <button
            type="button"
            class="mt-1.5 underline"
            onclick={() => (path = path.filter((_, index) => index !== at))}>remove</button
          >
        {/if}
      </div>
    </li>
  {/each}
</ol>
{#if path.length < MOST}
  <button
    type="button"
    class="mt-2 underline"
    onclick={() => (path = [...path, { by: 'ROLE', role: 'ADMINISTRATOR', personId: null }])}
    >+ another sign-off after these</button
  >
{/if}
