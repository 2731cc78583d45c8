<script lang="ts">
  import { untrack } from 'svelte';
  import { isPositive, isZero, sameNumber } from '../common/decimal';
  import { answer, api, fileBody } from '../api/client';
  import { Problem } from '../api/problem';
  import type {
    AskableKind,
    AskedDay,
    DocumentView,
    Holidays,
    Person,
    RequestReview,
    RequestRules,
  } from '../api/types';
  import { counted, longDay, withUnit } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import DayTiles from '../requests/DayTiles.svelte';
  import DayStrip from './DayStrip.svelte';

  let {
    personId,
    kinds,
    policyId = $bindable(),
    sent,
  }: {
    personId: number;
    kinds: AskableKind[];
    policyId: number | null;
    sent: () => Promise<void>;
  } = $props();

  let marked = $state<AskedDay[]>([]);
  let note = $state('');
  let answers = $state<string[]>([]);
  let documents = $state<DocumentView[]>([]);
  let rules = $state<RequestRules | null>(null);
  let review = $state<RequestReview | null>(null);
  let problem = $state<Problem | null>(null);
  let busy = $state(false);
  let holidays = $state<Holidays | null>(null);
  let person = $state<Person | null>(null);

  $effect(() => {
    answer(api.GET('/api/holidays')).then((loaded) => (holidays = loaded));
    answer(api.GET('/api/people/{id}', { params: { path: { id: personId } } })).then(
      (loaded) => (person = loaded),
    );
  });

  const freeDays = $derived(
    Object.fromEntries(
      (holidays?.holidays ?? [])
        .filter((holiday) => holiday.siteId === person?.siteId)
        .map((holiday) => [holiday.on, holiday.name]),
    ),
  );
  const protectedDates = $derived(
    (holidays?.protectedDates ?? []).filter(
      (dates) => dates.teamId === null || dates.teamId === person?.teamId,
    ),
  );

  const draft = $derived(
    policyId === null
      ? null
      : {
          personId,
          policyId,
          days: marked,
          note,
          answers: [...answers],
          documents: documents.map((each) => each.id),
        },
  );

  $effect(() => {
    if (policyId !== null) void loadRules(policyId);
  });

  async function loadRules(id: number) {
    const policy = await answer(api.GET('/api/policies/{id}', { params: { path: { id } } }));
    const before = untrack(() => rules?.questions ?? []);
    rules = policy.rules;
    answers = policy.rules.questions.map((question, at) =>
      question === before[at] ? (untrack(() => answers[at]) ?? '') : '',
    );
  }

  /** Rules that were changed since the page was opened bring fields that it does not have yet. */
  function rulesHaveChanged(found: RequestReview): boolean {
    const asks = (field: string) => found.problems.some((each) => each.field === field);
    return (
      (asks('documents') && rules?.documentFromDays === null) ||
      (asks('answers') && rules?.questions.length === 0)
    );
  }

  async function keepDocument(file: File | undefined) {
    if (!file) return;
    try {
      documents = [
        ...documents,
        await answer(
          api.POST('/api/people/{personId}/documents', {
            params: { path: { personId } },
            ...fileBody(file),
          }),
        ),
      ];
      problem = null;
    } catch (thrown) {
      problem = Problem.of(thrown);
    }
  }

  $effect(() => {
    const body = draft;
    if (body === null || body.days.length === 0) {
      review = null;
      problem = null;
      return;
    }
    const timer = window.setTimeout(() => {
      answer(api.POST('/api/requests/preview', { body })).then(
        (loaded) => {
          review = loaded;
          problem = null;
          if (rulesHaveChanged(loaded)) void loadRules(body.policyId);
        },
        (thrown) => (problem = Problem.of(thrown)),
      );
    }, 150);
    return () => window.clearTimeout(timer);
  });

  function changePart(on: string, value: string) {
    marked = marked.map((each) =>
      each.on === on
        ? {
            on,
            part: value as AskedDay['part'],
            hours: value === 'HOURS' ? (each.hours ?? '2') : null,
          }
        : each,
    );
  }

  function changeHours(on: string, hours: string) {
    marked = marked.map((each) => (each.on === on ? { ...each, hours } : each));
  }

  /** Keeps of the marked days what can be afforded: whole days, and of the first that is too much a part. */
  function askForLess() {
    const affordable = new Map(review!.affordable!.days.map((each) => [each.on, each.amount]));
    marked = marked.flatMap((each) => {
      const whole = review!.days.find((one) => one.on === each.on)!;
      const part = affordable.get(each.on);
      if (part === undefined) return isZero(whole.amount) ? [each] : [];
      if (sameNumber(part, whole.amount)) return [each];
      const share = Number(part) / Number(whole.amount);
      return review!.unit === 'HOURS'
        ? [{ on: each.on, part: 'HOURS' as const, hours: part }]
        : share === 0.5
          ? [{ on: each.on, part: 'HALF' as const, hours: null }]
          : [];
    });
  }

  async function send() {
    if (draft === null) return;
    busy = true;
    try {
      await answer(api.POST('/api/requests', { body: draft }));
      marked = [];
      note = '';
      answers = answers.map(() => '');
      documents = [];
      said.say('Sent. You will see here, and by mail, when it is decided.');
      await sent();
    } catch (thrown) {
      problem = Problem.of(thrown);
    } finally {
      busy = false;
    }
  }

  const costly = $derived(review?.days.filter((each) => isPositive(each.amount)) ?? []);
</script>

<section class="mt-7">
  <div class="mb-2 flex flex-wrap items-center gap-x-6 gap-y-1">
    <h2>Ask for time off</h2>
    <fieldset class="flex flex-wrap gap-4">
      <legend class="sr-only">Which time</legend>
      {#each kinds as kind (kind.policyId)}
        <label class="flex items-center gap-1.5">
          <input
            type="radio"
            class="radio radio-primary radio-sm"
            value={kind.policyId}
            bind:group={policyId}
          />
          {kind.policy}
        </label>
      {/each}
    </fieldset>
  </div>
  <DayStrip bind:marked {freeDays} {protectedDates} />

  {#if marked.length > 0 && policyId === null}
    <p class="mt-3 font-semibold" data-choose-kind>Choose above which time it is.</p>
  {:else if marked.length > 0}
    <div class="mt-4 flex flex-wrap items-start gap-6">
      <div class="max-w-3xl">
        {#if review}
          <DayTiles days={review.days} unit={review.unit} />
          <details class="mt-2">
            <summary class="cursor-pointer">Part of a day only</summary>
            <ul class="mt-1 space-y-1">
              {#each costly as each (each.on)}
                {@const asked = marked.find((one) => one.on === each.on)}
                <li class="flex items-center gap-3">
                  <span class="w-44">{longDay(each.on)}</span>
                  <select
                    class="select w-36 select-sm"
                    aria-label={`How much of ${longDay(each.on)}`}
                    value={asked?.part}
                    onchange={(event) => changePart(each.on, event.currentTarget.value)}
                  >
                    <option value="WHOLE">Whole day</option>
                    <option value="HALF">Half a day</option>
                    <option value="HOURS">Hours</option>
                  </select>
                  {#if asked?.part === 'HOURS'}
                    <input
                      class="input w-20 input-sm"
                      inputmode="decimal"
                      aria-label={`Hours on ${longDay(each.on)}`}
                      value={asked.hours}
                      onchange={(event) => changeHours(each.on, event.currentTarget.value)}
                    />
                  {/if}
                </li>
              {/each}
            </ul>
          </details>
        {/if}
      </div>
      <div class="sheet w-full max-w-md p-4 lg:w-80">
        {#if review}
          <p class="text-lg">
            Costs <strong data-cost>{withUnit(review.total, review.unit)}</strong>
          </p>
          {#if review.leftAtYearEnd !== null}
            <p>
              Leaves {withUnit(review.leftAtYearEnd, review.unit)} on {longDay(review.yearEnds)},
              forecast
            </p>
          {/if}
          {#if isPositive(review.waitingElsewhere)}
            <p class="quiet">
              Not counted: {withUnit(review.waitingElsewhere, review.unit)} in requests that still wait
            </p>
          {/if}
          {#if review.problems.length > 0}
            <ul class="mt-2 space-y-1 border-l-4 border-error pl-3" data-problems>
              {#each review.problems as broken, index (index)}
                <li>{broken.message}</li>
              {/each}
            </ul>
          {/if}
          {#if review.affordable && isPositive(review.affordable.amount)}
            <p class="mt-2">
              At most {withUnit(review.affordable.amount, review.unit)} of it can be afforded.
              <button class="underline" data-affordable onclick={askForLess}
                >Ask for that much</button
              >
            </p>
          {/if}
        {/if}
        <label class="mt-3 block">
          <span class="font-semibold">Note</span>
          <textarea class="textarea mt-1 w-full" rows="2" name="note" bind:value={note}></textarea>
        </label>
        {#each rules?.questions ?? [] as question, at (question)}
          <label class="mt-3 block">
            <span class="font-semibold">{question}</span>
            <input class="input mt-1 w-full" name={`answer-${at}`} bind:value={answers[at]} />
          </label>
        {/each}
        {#if rules !== null && (rules.documentFromDays !== null || documents.length > 0)}
          <label class="mt-3 block">
            <span class="font-semibold">Document</span>
            <span class="quiet text-sm"
              >{rules.documentFromDays === null
                ? ''
                : `needed from ${counted(rules.documentFromDays, 'day')} on`}</span
            >
            <input
              type="file"
              accept=".pdf,.png,.jpg,.jpeg"
              class="file-input mt-1 w-full"
              aria-label="Document"
              onchange={(event) => keepDocument(event.currentTarget.files?.[0])}
            />
          </label>
          {#each documents as document (document.id)}
            <p class="flex justify-between text-sm">
              {document.name}
              <button
                class="underline"
                onclick={() => (documents = documents.filter((each) => each !== document))}
                >remove</button
              >
            </p>
          {/each}
        {/if}
        <div class="mt-2"><ProblemNote {problem} /></div>
        <div class="mt-3 flex gap-3">
          <button
            class="btn btn-primary"
            disabled={busy || !review || review.problems.length > 0}
            onclick={send}>Send request</button
          >
          <button class="btn btn-ghost" onclick={() => (marked = [])}>Clear</button>
        </div>
      </div>
    </div>
  {/if}
</section>
