<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { HolidayPay, Holidays } from '../api/types';
  import Field from '../common/Field.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { EMPLOYMENT_TYPES, figure } from '../people/employment';
  import HoursChoice from './HoursChoice.svelte';
  import { Work } from '../common/work.svelte';

  let {
    pay: before,
    site,
    done,
    close,
  }: {
    pay: HolidayPay;
    site: string;
    done: (holidays: Holidays) => void;
    close: () => void;
  } = $props();

  let fixed = $state(untrack(() => before.fixedHours !== null));
  let hours = $state(untrack(() => before.fixedHours ?? '8'));
  let byFte = $state(untrack(() => before.byFte));
  let types = $state(untrack(() => [...before.employmentTypes]));
  let payrollCode = $state(untrack(() => before.payrollCode));
  const work = new Work();

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    await work.do(async () => {
      done(
        await answer(
          api.PUT('/api/holidays/pay', {
            body: {
              siteId: before.siteId,
              fixedHours: fixed ? figure(hours) : null,
              byFte: fixed && byFte,
              employmentTypes: types,
              payrollCode,
            },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`How holidays at ${site} are paid`} {close}>
  <form class="space-y-4" onsubmit={keep}>
    <p class="quiet">
      The hours stand on time cards and go to payroll by themselves, for those employed that day and
      not in a pause.
    </p>
    <HoursChoice
      legend="A whole holiday is paid with"
      bind:fixed
      bind:hours
      bind:byFte
      problem={work.problem}
    />
    <fieldset class="flex gap-4">
      <legend class="text-sm font-semibold">For</legend>
      {#each EMPLOYMENT_TYPES as [type, name] (type)}
        <label class="flex items-center gap-1.5">
          <input type="checkbox" class="checkbox checkbox-sm" value={type} bind:group={types} />
          {name.toLowerCase()}
        </label>
      {/each}
    </fieldset>
    <Field label="Payroll code" field="payrollCode" problem={work.problem}>
      <input class="input w-28" name="payroll-code" bind:value={payrollCode} />
    </Field>
    <ProblemNote problem={work.problem} besides={['hours', 'payrollCode']} />
    <button class="btn btn-primary" disabled={work.busy}>Keep this</button>
  </form>
</SidePanel>
