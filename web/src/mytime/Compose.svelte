<script lang="ts">
  import { untrack } from 'svelte';
  import { replace } from 'svelte-spa-router';
  import { answer, api } from '../api/client';
  import type { AskableKind } from '../api/types';
  import { counted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { meantDays } from '../common/spans';
  import { session } from '../frame/session.svelte';
  import DayTiles from '../requests/DayTiles.svelte';
  import { Asking } from './asking.svelte';
  import Cost from './Cost.svelte';
  import DayStrip from './DayStrip.svelte';
  import OtherKind from './OtherKind.svelte';
  import PartsOfDays from './PartsOfDays.svelte';

  let {
    personId,
    kinds,
    policyId = $bindable(),
    sent,
    from = {},
  }: {
    personId: number;
    kinds: AskableKind[];
    policyId: number | null;
    sent: () => Promise<void>;
    /** What it begins with: a day, or an earlier request to change or to copy, by its id. */
    from?: Partial<Record<string, string>>;
  } = $props();

  let typed = $state('');
  let notMeant = $state(false);

  const asking = new Asking(untrack(() => personId));
  const { work } = asking;

  $effect(() => void asking.begin());

  $effect(() => {
    const { day, change, copy } = from;
    const earlier = change ?? copy;
    if (day) untrack(() => asking.mark([day]));
    if (!earlier) return;
    void work.do(async () => {
      const params = { path: { id: Number(earlier) } };
      const detail = await answer(api.GET('/api/requests/{id}', { params }));
      policyId = detail.request.policyId;
      asking.take(detail, change === undefined);
    });
  });

  function markTyped(event: SubmitEvent) {
    event.preventDefault();
    const days = meantDays(typed, session.current.today);
    notMeant = days === null;
    if (days === null) return;
    asking.mark(days);
    typed = '';
  }

  $effect(() => {
    if (policyId !== null) void asking.loadRules(policyId);
  });

  $effect(() => asking.reviewSoon(policyId));

  async function send() {
    const changes = asking.changed !== null;
    if (policyId === null || !(await asking.send(policyId))) return;
    said.say(
      changes
        ? 'Changed. Your approver sees what it was before.'
        : 'Sent. You will see here, and by mail, when it is decided.',
    );
    if (Object.keys(from).length > 0) void replace('/my-time');
    await work.do(sent);
  }
</script>

<section class="mt-7" data-compose>
  <div class="mb-2 flex flex-wrap items-center gap-x-6 gap-y-1">
    <h2>{asking.changed ? 'Change your request' : 'Ask for time off'}</h2>
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
  <form class="mb-2 flex flex-wrap items-center gap-2" onsubmit={markTyped}>
    <input
      class={['input w-72', notMeant && 'border-error']}
      placeholder="Or type: 4-8 May, every Fri until 30 July"
      aria-label="Days, typed"
      bind:value={typed}
      oninput={() => (notMeant = false)}
    />
    <button class="btn" disabled={typed.trim() === ''}>Mark</button>
    {#if notMeant}
      <span role="alert" class="text-sm text-error"
        >Which days are these? Write them like “4 May”, “4-8 May” or “every Friday until 30 July”.</span
      >
    {/if}
  </form>
  <DayStrip
    bind:marked={asking.marked}
    freeDays={asking.freeDays}
    protectedDates={asking.protectedDates}
  />

  {#if asking.marked.length > 0 && policyId === null}
    <p class="mt-3 font-semibold" data-choose-kind>Choose above which time it is.</p>
  {:else if asking.marked.length > 0}
    {@const { review, rules } = asking}
    <div class="mt-4 flex flex-wrap items-start gap-6">
      <div class="max-w-3xl">
        {#if review}
          <DayTiles days={review.days} unit={review.unit} />
          <PartsOfDays {asking} />
          <OtherKind {asking} {kinds} />
        {/if}
      </div>
      <div class="sheet w-full max-w-md p-4 lg:w-80">
        {#if review}<Cost {review} askForLess={() => asking.askForLess()} />{/if}
        <label class="mt-3 block">
          <span class="font-semibold">Note</span>
          <textarea class="textarea mt-1 w-full" rows="2" name="note" bind:value={asking.note}
          ></textarea>
        </label>
        {#each rules?.questions ?? [] as question, at (question)}
          <label class="mt-3 block">
            <span class="font-semibold">{question}</span>
            <input
              class="input mt-1 w-full"
              name={`answer-${at}`}
              bind:value={asking.answers[at]}
            />
          </label>
        {/each}
        {#if rules !== null && (rules.documentFromDays !== null || asking.documents.length > 0)}
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
              onchange={(event) => {
                const file = event.currentTarget.files?.[0];
                if (file) void asking.keepDocument(file);
              }}
            />
          </label>
          {#each asking.documents as document (document.id)}
            <p class="flex justify-between text-sm">
              {document.name}
              <button class="underline" onclick={() => asking.dropDocument(document)}>remove</button
              >
            </p>
          {/each}
        {/if}
        {#if asking.needsNote}
          <p class="mt-2 border-l-4 border-accent bg-base-200 px-3 py-1" data-needs-note>
            Say in the note why you ask all the same; your approver reads it.
          </p>
        {/if}
        <div class="mt-2"><ProblemNote problem={work.problem} /></div>
        <div class="mt-3 flex gap-3">
          <button
            class="btn btn-primary"
            disabled={work.busy || !review || !asking.sendable || !asking.rest.sendable}
            onclick={send}>{asking.changed ? 'Change request' : 'Send request'}</button
          >
          <button class="btn btn-ghost" onclick={() => asking.clear()}
            >{asking.changed ? 'Leave it as it is' : 'Clear'}</button
          >
        </div>
      </div>
    </div>
  {/if}
</section>
