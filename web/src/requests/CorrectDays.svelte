<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { AskedDay, RequestDetail } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import TimesOfDay from '../mytime/TimesOfDay.svelte';
  import { askedAgain, wholeDay } from './days.svelte';

  let { detail, corrected }: { detail: RequestDetail; corrected: () => void } = $props();

  let open = $state(false);
  let days = $state<AskedDay[]>([]);
  let another = $state('');
  let reason = $state('');
  const work = new Work();

  const decidedInPart = $derived(detail.review.days.some((each) => each.decision !== null));

  function begin() {
    open = true;
    days = untrack(() => detail.review.days.map(askedAgain));
  }

  function add(on: string) {
    another = '';
    if (!on || days.some((each) => each.on === on)) return;
    days = [...days, wholeDay(on)].sort((one, other) => one.on.localeCompare(other.on));
  }

  function change(on: string, part: AskedDay['part']) {
    days = days.map((each) =>
      each.on === on
        ? {
            on,
            part,
            hours: part === 'HOURS' ? (each.hours ?? '2') : null,
            between: part === 'TIMES' ? (each.between ?? { from: '09:00', to: '12:00' }) : null,
          }
        : each,
    );
  }

  function correct(event: SubmitEvent) {
    event.preventDefault();
    void work.do(async () => {
      const params = { path: { id: detail.request.id } };
      const body = { seenEdits: detail.request.edits, days, reason };
      await answer(api.PUT('/api/requests/{id}/days', { params, body }));
      said.say(`Corrected. ${detail.request.person} is told what it was before, and why.`);
      open = false;
      corrected();
    });
  }
</script>

{#if !open && !decidedInPart}
  <button class="mt-3 mr-4 underline" onclick={begin}>Correct its days</button>
{:else if open}
  <form class="mt-4 border-t border-base-300 pt-3" data-correct onsubmit={correct}>
    <ul class="space-y-1">
      {#each days as each (each.on)}
        {@const name = longDay(each.on)}
        <li class="flex flex-wrap items-center gap-2">
          <span class="w-32">{name}</span>
          <select
            class="select w-36 select-sm"
            aria-label={`How much of ${name}`}
            value={each.part}
            onchange={(event) => change(each.on, event.currentTarget.value as AskedDay['part'])}
          >
            <option value="WHOLE">Whole day</option>
            <option value="HALF">Half the day</option>
            <option value="MORNING">The morning</option>
            <option value="AFTERNOON">The afternoon</option>
            <option value="HOURS">Hours</option>
            <option value="TIMES">From … to …</option>
          </select>
          {#if each.part === 'HOURS'}
            <input
              class="input w-20 input-sm"
              inputmode="decimal"
              aria-label={`Hours on ${name}`}
              value={each.hours}
              onchange={(event) => (each.hours = event.currentTarget.value.replace(',', '.'))}
            />
          {:else if each.part === 'TIMES' && each.between}
            <TimesOfDay
              between={each.between}
              day={name}
              change={(between) => (each.between = between)}
            />
          {/if}
          <button
            type="button"
            class="text-sm underline"
            aria-label={`Leave out ${name}`}
            onclick={() => (days = days.filter((other) => other.on !== each.on))}>leave out</button
          >
        </li>
      {/each}
    </ul>
    <label class="mt-2 flex items-center gap-2">
      Another day
      <DateField
        name="another-day"
        class="input w-40 input-sm"
        bind:value={another}
        onchange={add}
      />
    </label>
    <label class="mt-2 block">
      <span class="font-semibold">Why it is corrected</span>
      <input class="input mt-1 w-full" name="correct-reason" maxlength="500" bind:value={reason} />
    </label>
    <div class="mt-2"><ProblemNote problem={work.problem} /></div>
    <div class="mt-2 flex gap-3">
      <button class="btn" disabled={work.busy || days.length === 0 || reason.trim() === ''}
        >Correct it</button
      >
      <button class="btn btn-ghost" type="button" onclick={() => (open = false)}>Leave it</button>
    </div>
  </form>
{/if}
