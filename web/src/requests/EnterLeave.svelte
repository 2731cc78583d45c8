<script lang="ts">
  import { soon } from '../common/soon';
  import { tick, untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { AskableKind, RequestReview } from '../api/types';
  import { withUnit } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import PersonPicker from '../people/PersonPicker.svelte';
  import { SameDays as Days } from './days.svelte';
  import DayTiles from './DayTiles.svelte';
  import SameDays from './SameDays.svelte';
  import { Work } from '../common/work.svelte';

  let {
    person = null,
    on = null,
    last: through = null,
    policy = null,
    noted = '',
    done,
    close,
  }: {
    /** Whose leave it is, where that is known already. */
    person?: { id: number; name: string } | null;
    on?: string | null;
    /** The last day, where it is another one. */
    last?: string | null;
    /** Of what kind it is, where that is known already. */
    policy?: number | null;
    /** What its note begins with. */
    noted?: string;
    done: () => void;
    close: () => void;
  } = $props();

  const ENTERED = {
    APPROVED: 'entered',
    WAITING: 'entered and waits for its sign-offs',
    DECLINED: 'entered as declined',
  };

  let personId = $state<number | null>((() => person?.id ?? null)());
  let kinds = $state<AskableKind[]>([]);
  let policyId = $state<number | null>((() => policy)());
  const days = untrack(() => {
    const first = on ?? session.current.today;
    return new Days(first, through ?? first);
  });
  let enteredAs = $state<keyof typeof ENTERED>('APPROVED');
  let note = $state((() => noted)());
  let reason = $state('');
  let review = $state<RequestReview | null>(null);
  const work = new Work();

  const ask = latest<RequestReview>();

  $effect(() => {
    if (personId === null) {
      kinds = [];
      return;
    }
    answer(
      api.GET('/api/people/{personId}/kinds-of-leave', { params: { path: { personId } } }),
    ).then(
      (loaded) => {
        kinds = loaded;
        if (!loaded.some((kind) => kind.policyId === policyId)) {
          policyId = loaded.length === 1 ? loaded[0]!.policyId : null;
        }
      },
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  const leave = $derived(
    personId === null || policyId === null || days.all.length === 0
      ? null
      : {
          personId,
          policyId,
          days: days.all,
          note,
          answers: null,
          documents: null,
          replaces: null,
        },
  );

  $effect(() => {
    const body = leave;
    if (body === null) {
      review = null;
      return;
    }
    return soon(
      () =>
        ask(
          answer(api.POST('/api/entered-leave/preview', { body })),
          (loaded) => {
            review = loaded;
            work.problem = null;
          },
          (thrown) => {
            review = null;
            work.problem = Problem.of(thrown);
          },
        ),
      120,
    );
  });

  let submit = $state<HTMLButtonElement>();

  /** Where all is said already, Enter enters it. */
  $effect(() => {
    if (policy !== null && review !== null) void tick().then(() => submit?.focus());
  });

  const impossible = $derived(review?.problems.filter((each) => !each.passable) ?? []);
  const passable = $derived(review?.problems.filter((each) => each.passable) ?? []);

  async function enter(event: SubmitEvent) {
    event.preventDefault();
    if (leave === null) return;
    await work.do(async () => {
      const { request } = await answer(
        api.POST('/api/entered-leave', {
          body: { leave, state: enteredAs, reason: reason.trim() || null },
        }),
      );
      said.say(
        `${request.policy} of ${request.person} is ${ENTERED[enteredAs]}: ${withUnit(request.total, request.unit)}.`,
      );
      done();
    });
  }
</script>

<SidePanel title={person ? `Enter leave of ${person.name}` : 'Enter leave'} {close}>
  <form class="space-y-4" onsubmit={enter}>
    <p class="quiet">
      For days gone by or to come; the person is told. What is approved in a period that is closed
      comes back as a correction in the next run.
    </p>
    {#if !person}
      <div>
        <span class="block text-sm font-semibold">Whose</span>
        <PersonPicker bind:chosen={personId} name={null} label="Whose leave" />
      </div>
    {/if}
    {#if personId !== null}
      <fieldset>
        <legend class="text-sm font-semibold">What</legend>
        <div class="flex flex-wrap gap-x-5 gap-y-1">
          {#each kinds as kind (kind.policyId)}
            <label class="flex items-center gap-1.5">
              <input
                type="radio"
                class="radio radio-primary radio-sm"
                name="kind"
                value={kind.policyId}
                bind:group={policyId}
              />
              {kind.policy}
            </label>
          {/each}
        </div>
      </fieldset>
    {/if}
    <SameDays {days} />
    <label class="block">
      <span class="block text-sm font-semibold">As</span>
      <select class="select w-72" name="state" bind:value={enteredAs}>
        <option value="APPROVED">approved, it counts at once</option>
        <option value="WAITING">waiting, it goes to its sign-offs</option>
        <option value="DECLINED">declined, for the record</option>
      </select>
    </label>
    <label class="block">
      <span class="block text-sm font-semibold">Note, if any</span>
      <input class="input w-full" name="note" maxlength="1000" bind:value={note} />
    </label>
    {#if review}
      <DayTiles days={review.days} unit={review.unit} />
      <p class="text-lg" data-cost>
        Costs <strong>{withUnit(review.total, review.unit)}</strong>{#if review.askable !== null},
          of {withUnit(review.askable, review.unit)} that can be asked for{/if}
      </p>
      {#if impossible.length > 0}
        <ul class="border-l-4 border-error pl-3" data-impossible>
          {#each impossible as each, at (at)}<li>{each.message}</li>{/each}
        </ul>
      {:else if passable.length > 0}
        <div class="border-l-4 border-accent bg-base-200 px-3 py-2" data-cautions>
          <ul>
            {#each passable as each, at (at)}<li>{each.message}</li>{/each}
          </ul>
          <label class="mt-2 block">
            <span class="block text-sm font-semibold">Why it is entered all the same</span>
            <input class="input w-full" name="reason" maxlength="300" bind:value={reason} />
          </label>
        </div>
      {/if}
    {/if}
    <ProblemNote problem={work.problem} />
    <button
      bind:this={submit}
      class="btn btn-primary"
      disabled={work.busy ||
        review === null ||
        impossible.length > 0 ||
        (passable.length > 0 && reason.trim() === '')}>Enter it</button
    >
  </form>
</SidePanel>
