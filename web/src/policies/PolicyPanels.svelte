<script lang="ts">
  import type { Organisation, Policy } from '../api/types';
  import Retire from './Retire.svelte';
  import Settings from './Settings.svelte';
  import WhoIsCovered from './WhoIsCovered.svelte';

  let {
    policy,
    organisation,
    panel,
    close,
    settled,
  }: {
    policy: Policy;
    organisation: Organisation | null;
    panel: 'SETTINGS' | 'COVERAGE' | 'RETIRE' | null;
    close: () => void;
    settled: (changed: Policy, words: string) => void;
  } = $props();
</script>

{#if panel === 'SETTINGS'}
  <Settings
    {policy}
    {close}
    done={(changed) => settled(changed, 'Kept. Requests from now on follow it.')}
  />
{:else if panel === 'COVERAGE' && organisation}
  <WhoIsCovered
    {policy}
    {organisation}
    {close}
    done={(changed) => settled(changed, 'Covered from that day on.')}
  />
{:else if panel === 'RETIRE'}
  <Retire
    {policy}
    {close}
    done={(changed) =>
      settled(changed, changed.retired ? 'Retired. It can be brought back.' : 'It is back.')}
  />
{/if}
