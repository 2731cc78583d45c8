<script lang="ts">
  import { answer, api, filesBody } from '../api/client';
  import { Problem } from '../api/problem';
  import type { BroughtExample, BroughtVersion } from '../api/types';
  import { longDay } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';

  let {
    begin,
  }: {
    /** Takes a version of the policy in the files, and the examples that came with it. */
    begin: (version: BroughtVersion, examples: BroughtExample[]) => Promise<void>;
  } = $props();

  let read = $state.raw<BroughtExample[]>([]);
  let offered = $state.raw<BroughtVersion[]>([]);
  const work = new Work();

  async function bring(input: HTMLInputElement) {
    const files = [...(input.files ?? [])];
    input.value = '';
    offered = [];
    await work.do(async () => {
      read = await answer(api.POST('/api/policies/examples/file', filesBody(files)));
      const unreadable = read.find((each) => each.fault !== '');
      if (unreadable) throw new Problem(`${unreadable.file}: ${unreadable.fault}.`);
      const withPolicy = read.find((each) => each.versions.length > 0);
      if (!withPolicy) throw new Problem('No policy stands in these files, only examples.');
      if (withPolicy.versions.length === 1) await begin(withPolicy.versions[0]!, read);
      else offered = withPolicy.versions;
    });
  }
</script>

<div class="mt-5 max-w-4xl border-t border-base-300 pt-4">
  <p>Or begin with a policy that somebody took out, with the examples it must keep.</p>
  <label class="btn mt-2 btn-sm"
    >Begin with files<input
      type="file"
      multiple
      accept=".json,.zip,application/json,application/zip"
      class="sr-only"
      aria-label="Files of a policy"
      onchange={(event) => bring(event.currentTarget)}
    /></label
  >
  {#if offered.length > 1}
    <p class="mt-3">It has {offered.length} versions. Which one do you begin with?</p>
    <ul class="mt-1 space-y-2">
      {#each offered as version (version.from ?? '')}
        <li>
          <button
            class="btn h-auto w-full justify-start py-2 text-left"
            onclick={() => begin(version, read)}
            >{version.from ? `From ${longDay(version.from)}` : 'The first'}: {version.words
              .summary}</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <div class="mt-2"><ProblemNote problem={work.problem} /></div>
</div>
