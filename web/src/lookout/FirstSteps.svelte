<script lang="ts">
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import CircleDashed from '@lucide/svelte/icons/circle-dashed';
  import type { FirstStep } from '../api/types';

  let { steps }: { steps: FirstStep[] } = $props();

  const WORDS: Record<FirstStep['what'], { text: string; why: string; link: string }> = {
    PAY_GROUPS: {
      text: 'Add the pay groups',
      why: 'who is paid together, and how often',
      link: '#/people/organisation',
    },
    PEOPLE: {
      text: 'Bring your people in',
      why: 'from a file, pasted, or one by one; sites and teams come along',
      link: '#/people/import',
    },
    APPROVERS: {
      text: 'Say who decides for whom',
      why: 'the column Approver of the file, or on a person’s page',
      link: '#/people',
    },
    HOLIDAYS: {
      text: 'Let this year’s holidays count',
      why: 'by yearly rules, a calendar file, or single days',
      link: '#/holidays',
    },
    POLICIES: {
      text: 'Write a policy and put it in force',
      why: 'begin with the shape that is nearest',
      link: '#/policies',
    },
    OPENINGS: {
      text: 'Set the opening balances',
      why: 'what everybody brings along from before',
      link: '#/balances/openings',
    },
    SIGN_INS: {
      text: 'Invite approvers and employees',
      why: 'all at once from the directory, or on each person’s page',
      link: '#/people',
    },
    FIRST_RUN: {
      text: 'Begin the first pay run',
      why: 'of each pay group',
      link: '#/pay-runs',
    },
  };

  const next = $derived(steps.find((each) => !each.done)?.what);
</script>

<section class="mb-6 max-w-3xl border-l-4 border-primary pl-4" data-first-steps>
  <h2>Setting up</h2>
  <p class="quiet mb-2">
    In this order it goes without turning back. This list leaves when the first run is closed.
  </p>
  <ol class="space-y-1">
    {#each steps as step (step.what)}
      {@const words = WORDS[step.what]}
      <li class="flex items-baseline gap-2" data-step={step.what} data-done={step.done}>
        <span class="translate-y-0.5">
          {#if step.done}<CircleCheck size={16} aria-hidden="true" />{:else}<CircleDashed
              size={16}
              aria-hidden="true"
            />{/if}
        </span>
        <span>
          <a class={['underline', step.what === next && 'font-semibold']} href={words.link}
            >{words.text}</a
          >
          <span class="quiet"
            >{step.done
              ? step.what === 'APPROVERS' || step.count === 0
                ? 'done'
                : `done, ${step.count}`
              : step.what === 'APPROVERS' && step.count > 0
                ? `${step.count} have nobody yet`
                : words.why}</span
          >
        </span>
      </li>
    {/each}
  </ol>
</section>
