<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { Policy } from '../api/types';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import PolicyFacts from './PolicyFacts.svelte';
  import RequestSentences from './RequestSentences.svelte';
  import { Work } from '../common/work.svelte';

  let {
    policy,
    done,
    close,
  }: { policy: Policy; done: (policy: Policy) => void; close: () => void } = $props();

  let settings = $state(
    untrack(() =>
      structuredClone(
        $state.snapshot({
          name: policy.name,
          kind: policy.kind,
          paid: policy.paid,
          payrollCode: policy.payrollCode,
          rules: policy.rules,
        }),
      ),
    ),
  );
  const work = new Work();

  async function keep() {
    await work.do(async () => {
      done(
        await answer(
          api.PUT('/api/policies/{id}/settings', {
            params: { path: { id: policy.id } },
            body: { seenEdits: policy.edits, settings: $state.snapshot(settings) },
          }),
        ),
      );
    });
  }
</script>

<SidePanel title={`Name and request rules of ${policy.name}`} {close}>
  <div class="space-y-4">
    <p class="quiet">
      These hold at once, for requests from now on; what was asked for stays as it was.
    </p>
    <PolicyFacts bind:facts={settings} problem={work.problem} />
    <RequestSentences bind:rules={settings.rules} problem={work.problem} />
    <ProblemNote problem={work.problem} besides={['name', 'payrollCode']} />
    <button class="btn btn-primary" disabled={work.busy} onclick={keep}>Keep these</button>
  </div>
</SidePanel>
