<script lang="ts">
  import { NOBODY } from './coverage';
  import DateField from '../common/DateField.svelte';
  import { answer, api } from '../api/client';
  import { Problem } from '../api/problem';
  import type { Ending, PersonEffect, Policy } from '../api/types';
  import Field from '../common/Field.svelte';
  import { exactSum } from '../common/decimal';
  import { longDay, plusDays, withUnit } from '../common/format';
  import { latest } from '../common/latest';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let {
    policy,
    done,
    close,
  }: { policy: Policy; done: (policy: Policy) => void; close: () => void } = $props();

  let lastDay = $state(session.current.today);
  let balance = $state<Ending['balance'] | ''>('');
  const work = new Work();

  /** What would be said if the policy covered nobody any more. */
  const ask = latest<PersonEffect[]>();
  let effects = $state<PersonEffect[] | null>(null);

  const ending = $derived(effects?.filter((each) => each.what === 'ENDS') ?? []);

  $effect(() => {
    if (!lastDay || policy.retired) return;
    const body = { from: plusDays(lastDay, 1), coverage: NOBODY };
    ask(
      answer(
        api.POST('/api/policies/{policyId}/coverage/preview', {
          params: { path: { policyId: policy.id } },
          body,
        }),
      ),
      (found) => (effects = found),
      (thrown) => (work.problem = Problem.of(thrown)),
    );
  });

  const path = $derived({ path: { id: policy.id } });

  async function attempt(call: () => Promise<Policy>) {
    await work.do(async () => {
      done(await call());
    });
  }

  function retire() {
    return attempt(() =>
      answer(
        api.POST('/api/policies/{id}/retirement', {
          params: path,
          body: {
            lastDay,
            ending: { balance: balance as Ending['balance'], movedTo: null },
          },
        }),
      ),
    );
  }

  function bringBack() {
    return attempt(() => answer(api.DELETE('/api/policies/{id}/retirement', { params: path })));
  }
</script>

<SidePanel title={policy.retired ? `Bring ${policy.name} back` : `Retire ${policy.name}`} {close}>
  <div class="space-y-4">
    {#if policy.retired}
      <p>
        It was retired after {longDay(policy.retired)}. Brought back, the enrolments that ended with
        it go on as if it had never been retired: what lapsed or was paid out then is there again,
        and what would have been earned since is added. Closed runs are corrected by the next ones.
      </p>
      <ProblemNote problem={work.problem} />
      <button class="btn btn-primary" disabled={work.busy} onclick={bringBack}>Bring it back</button
      >
    {:else}
      <p>
        Its enrolments end, and nobody is enrolled any more. Ledgers, requests and closed runs stay
        as they are. It can be brought back.
      </p>
      <Field label="Last day" field="lastDay" problem={work.problem}>
        <DateField class="input w-44" name="last-day" bind:value={lastDay} />
      </Field>
      {#if effects}
        <p data-retiring>
          {ending.length === 1 ? '1 enrolment ends' : `${ending.length} enrolments end`}, with
          <strong>{withUnit(exactSum(ending.map((each) => each.left)), policy.unit)}</strong>
          left together on that day.
        </p>
      {/if}
      <label class="block">
        <span class="block text-sm font-semibold">What is left on that day</span>
        <select class="select w-48" name="ending" bind:value={balance}>
          <option value="">choose</option>
          <option value="PAY_OUT">is paid out</option>
          <option value="LAPSE">lapses</option>
        </select>
      </label>
      <ProblemNote problem={work.problem} besides={['lastDay']} />
      <button
        class="btn btn-primary"
        disabled={work.busy || !lastDay || balance === ''}
        onclick={retire}>Retire it after that day</button
      >
    {/if}
  </div>
</SidePanel>
