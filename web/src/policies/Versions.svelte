<script lang="ts">
  import type { Policy, PolicyVersion } from '../api/types';
  import { day } from '../common/format';
  import { compared } from './comparison';

  let { policy }: { policy: Policy } = $props();

  let one = $state(0);
  let other = $state(1);

  function name(version: PolicyVersion): string {
    return version.starts === null ? 'the draft' : `the version from ${day(version.starts)}`;
  }

  const last = $derived(policy.versions.length - 1);
  const before = $derived(policy.versions[Math.min(one, last)]!);
  const after = $derived(policy.versions[Math.min(other, last)]!);
  const changes = $derived(compared(before.words, after.words));
  const sides = $derived(
    [before, after].map((version) => ({ version, texts: version.words.sentences })),
  );

  function isOnBothSides(text: string): boolean {
    return sides.every(({ texts }) => texts.includes(text));
  }
</script>

<section class="mt-6" data-comparison>
  <h2 class="mb-1">Two versions compared</h2>
  <p class="flex flex-wrap items-center gap-2">
    From
    <select class="select w-60" aria-label="Earlier version" bind:value={one}>
      {#each policy.versions as version, at (version.id)}<option value={at}>{name(version)}</option
        >{/each}
    </select>
    to
    <select class="select w-60" aria-label="Later version" bind:value={other}>
      {#each policy.versions as version, at (version.id)}<option value={at}>{name(version)}</option
        >{/each}
    </select>
  </p>
  {#if changes.length === 0}
    <p class="quiet mt-2">They say the same.</p>
  {:else}
    <ul class="mt-2 max-w-3xl divide-y divide-base-300">
      {#each changes as change (change.rule)}
        <li class="grid grid-cols-[12rem_1fr] gap-3 py-1">
          <span class="font-semibold">{change.rule}</span>
          <span><del>{change.before}</del>, now <strong>{change.after}</strong></span>
        </li>
      {/each}
    </ul>
    <div class="mt-4 grid max-w-5xl gap-6 md:grid-cols-2" data-side-by-side>
      {#each sides as { version, texts }, at (at)}
        <div>
          <h3 class="font-semibold">In full, {name(version)}</h3>
          <ul class="mt-1 space-y-1">
            {#each texts as text (text)}
              <li
                class={[
                  'border-l-4 pl-2',
                  isOnBothSides(text) ? 'quiet border-transparent' : 'border-accent bg-base-200',
                ]}
              >
                {text}
              </li>
            {/each}
          </ul>
        </div>
      {/each}
    </div>
  {/if}
</section>
