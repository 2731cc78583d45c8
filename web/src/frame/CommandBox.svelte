<script lang="ts">
  import { soon } from '../common/soon';
  import { push } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { Organisation, Permission, Person, Policy } from '../api/types';
  import { isDate, longDay, span } from '../common/format';
  import { aheadOf, balancesOf, type Choice, notUnderstood, tableOf } from './answers';
  import { asOf } from './asof.svelte';
  import { entering } from './entering.svelte';
  import { meantLeave } from './leavecommand';
  import { placesOf } from './places';
  import { meantQuestion } from './question';
  import { session } from './session.svelte';

  let { close }: { close: () => void } = $props();

  let typed = $state('');
  let people = $state<Person[]>([]);
  let chosen = $state(0);

  let policies = $state<Policy[]>([]);
  const leave = $derived(meantLeave(typed, policies, session.current.today));

  let organisation = $state<Organisation | null>(null);
  let answers = $state<Choice[]>([]);
  let said = $state('');
  const question = $derived(
    meantQuestion(typed, policies, organisation?.teams ?? [], session.current.today),
  );

  $effect(() => {
    if (!session.may('DECIDE_FOR_THE_ASSIGNED')) return;
    Promise.all([answer(api.GET('/api/policies')), answer(api.GET('/api/organisation'))]).then(
      ([loaded, places]) => {
        policies = loaded;
        organisation = places;
      },
      () => (policies = []),
    );
  });

  /** People by the words that mean nothing else, or by all of them; and what is answered about them. */
  $effect(() => {
    const asked = question;
    const search = leave?.search ?? (asked.rest || typed.trim());
    const isQuestion = asked.daySaid || asked.what !== null || asked.policies.length > 0;
    if (!session.may('DECIDE_FOR_THE_ASSIGNED') || typed.trim().length < 2) {
      people = [];
      answers = [];
      said = '';
      return;
    }
    return soon(async () => {
      const page =
        session.may('KEEP_PEOPLE') && search.length > 1
          ? await answer(
              api.GET('/api/people', { params: { query: { search, page: 0, size: 8 } } }),
            )
          : { items: [] };
      people = page.items;
      const found =
        asked.what !== null
          ? await aheadOf(asked)
          : isQuestion && asked.rest !== '' && leave === null
            ? await balancesOf(page.items, asked)
            : asked.rest === ''
              ? tableOf(asked)
              : [];
      if (asked !== question) return;
      answers = found;
      said = session.may('KEEP_PEOPLE') && leave === null ? notUnderstood(asked, page.items) : '';
    }, 120);
  });

  const ACTIONS: { name: string; path: string; needs: Permission }[] = [
    { name: 'What is ahead for everybody', path: '/ahead', needs: 'DECIDE_FOR_THE_ASSIGNED' },
    { name: 'Write a policy', path: '/policies/new', needs: 'WRITE_POLICIES' },
    { name: 'Add somebody', path: '/people/new', needs: 'KEEP_PEOPLE' },
    { name: 'Bring people in', path: '/people/import', needs: 'KEEP_PEOPLE' },
    { name: 'Sites, teams and pay groups', path: '/people/organisation', needs: 'KEEP_PEOPLE' },
    { name: 'Opening balances', path: '/balances/openings', needs: 'ADJUST_BALANCES' },
    {
      name: 'Hold balances against another record',
      path: '/balances/held-against',
      needs: 'ADJUST_BALANCES',
    },
    { name: 'Adjust many balances', path: '/balances/adjust', needs: 'ADJUST_BALANCES' },
    { name: 'Year’s end', path: '/year-end', needs: 'RUN_PAYROLL' },
    { name: 'What leave is worth', path: '/value', needs: 'SEE_PAY_RATES' },
    { name: 'Pay rates', path: '/value/rates', needs: 'SEE_PAY_RATES' },
    { name: 'Other programs', path: '/programs', needs: 'KEEP_PROGRAMS' },
    { name: 'Names of leavers', path: '/people/names', needs: 'KEEP_THE_COMPANY' },
    { name: 'Ways to sign in', path: '/ways-in', needs: 'KEEP_SIGN_INS' },
    { name: 'The program and its backups', path: '/running', needs: 'KEEP_THE_COMPANY' },
    { name: 'Prove every balance', path: '/proof', needs: 'RUN_PAYROLL' },
  ];

  const actions: Choice[] = $derived([
    ...placesOf(session.current).map((place) => ({
      name: place.name,
      detail: 'place',
      run: () => push(place.path),
    })),
    ...ACTIONS.filter(({ needs }) => session.may(needs)).map(({ name, path }) => ({
      name,
      detail: 'action',
      run: () => push(path),
    })),
    { name: 'Back to today', detail: 'action', run: () => asOf.backToToday() },
  ]);

  const choices: Choice[] = $derived([
    ...(isDate(typed.trim()) && session.may('SEE_EVERYBODY')
      ? [
          {
            name: `Look at ${longDay(typed.trim())}`,
            detail: 'as-of day',
            run: () => (asOf.day = typed.trim()),
          },
        ]
      : []),
    ...answers,
    ...actions.filter((action) => action.name.toLowerCase().includes(typed.trim().toLowerCase())),
    ...people.flatMap((person) =>
      (leave?.policies ?? []).map(({ id, name }) => ({
        name: `${name} for ${person.name}`,
        detail: `${person.team}, ${span(leave!.first, leave!.last)}`,
        run: () =>
          (entering.leave = { person, policyId: id, first: leave!.first, last: leave!.last }),
      })),
    ),
    ...(leave ? [] : people).map((person) => ({
      name: person.name,
      detail: `${person.team}, ${person.code}`,
      run: () => push(`/people/${person.id}`),
    })),
  ]);

  $effect(() => {
    if (chosen >= choices.length) {
      chosen = Math.max(0, choices.length - 1);
    }
  });

  function run(choice: Choice | undefined) {
    if (choice) {
      close();
      choice.run();
    }
  }

  function onKey(event: KeyboardEvent) {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const step = event.key === 'ArrowDown' ? 1 : -1;
      chosen = (chosen + step + choices.length) % Math.max(1, choices.length);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      run(choices[chosen]);
    }
  }

  function open(dialog: HTMLDialogElement) {
    dialog.showModal();
  }
</script>

<dialog
  use:open
  onclose={close}
  aria-label="Go to"
  class="mx-auto mt-24 w-full max-w-2xl border-t-4 border-primary bg-base-100 text-base-content backdrop:bg-black/40"
>
  <input
    class="w-full border-b border-base-300 bg-base-100 px-4 py-3 text-lg outline-none"
    placeholder={session.may('KEEP_PEOPLE')
      ? 'A place, a person, “Merrin 14 aug”, “lapse may”, “sick Merrin today”'
      : 'A place or an action'}
    aria-label="Go to"
    bind:value={typed}
    onkeydown={onKey}
  />
  <ul class="max-h-96 overflow-y-auto py-1">
    {#each choices as choice, index (choice.name + choice.detail)}
      <li>
        <button
          class={[
            'flex w-full justify-between px-4 py-1.5 text-left',
            index === chosen && 'bg-base-300',
          ]}
          onmouseenter={() => (chosen = index)}
          onclick={() => run(choice)}
        >
          <span>{choice.name}</span><span class="quiet text-sm">{choice.detail}</span>
        </button>
      </li>
    {:else}
      {#if said === ''}<li class="quiet px-4 py-2">Nothing of that name.</li>{/if}
    {/each}
    {#if said && actions.every(({ name }) => !name
            .toLowerCase()
            .includes(typed.trim().toLowerCase()))}
      <li class="quiet px-4 py-2" data-said>{said}</li>
    {/if}
  </ul>
</dialog>
