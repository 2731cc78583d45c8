<script lang="ts">
  import { answer, api } from '../api/client';
  import type { NoticeChoice } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { said } from '../common/said.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';

  const TOPICS: Record<NoticeChoice['topic'], string> = {
    TO_DECIDE: 'Something waits for my decision',
    REMINDER: 'It has waited long, or a pay run closes',
    OWN_REQUEST: 'What becomes of my requests',
    ABSENCE_OF_OTHERS: 'Absences of a team that I am told of',
    OWN_BALANCE: 'What is about to happen to my balances',
  };
  const WAYS: Record<NoticeChoice['byMail'], string> = {
    AT_ONCE: 'at once',
    DAILY_SUMMARY: 'once a day, together',
    NONE: 'not at all',
  };

  let choices = $state<NoticeChoice[]>([]);
  const work = new Work();
  const decides = $derived(session.may('DECIDE_FOR_THE_ASSIGNED'));
  const shown = $derived(
    choices.filter((each) => decides || !['TO_DECIDE', 'REMINDER'].includes(each.topic)),
  );

  $effect(() => {
    void work.do(async () => {
      choices = await answer(api.GET('/api/notices/choices'));
    });
  });

  function choose(topic: NoticeChoice['topic'], byMail: string) {
    void work.do(async () => {
      choices = await answer(
        api.PUT('/api/notices/choices', {
          body: { topic, byMail: byMail as NoticeChoice['byMail'] },
        }),
      );
      said.say('Kept. It holds for what comes from now on.');
    });
  }
</script>

{#if shown.length > 0}
  <details class="mb-4 max-w-4xl" data-notice-choices>
    <summary class="cursor-pointer font-semibold">How I am told by mail</summary>
    <p class="quiet mt-1 mb-2">
      Everything stands here in any case. The summary of a day comes the next morning.
    </p>
    <ul class="space-y-2">
      {#each shown as each (each.topic)}
        <li class="flex flex-wrap items-center gap-x-4">
          <label class="flex grow flex-wrap items-center justify-between gap-x-4"
            >{TOPICS[each.topic]}
            <select
              class="select w-52"
              name={each.topic}
              value={each.byMail}
              disabled={work.busy}
              onchange={(event) => choose(each.topic, event.currentTarget.value)}
            >
              {#each Object.entries(WAYS) as [way, words] (way)}
                <option value={way}>{words}</option>
              {/each}
            </select>
          </label>
        </li>
      {/each}
    </ul>
    <ProblemNote problem={work.problem} />
  </details>
{/if}
