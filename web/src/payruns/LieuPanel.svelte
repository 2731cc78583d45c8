<script lang="ts">
  import { untrack } from 'svelte';
  import Amount from '../common/Amount.svelte';
  import { day } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { becomes, keyOf } from './lieu';
  import { Lieu } from './lieu.svelte';

  let {
    runId,
    search: wanted = '',
    changed,
    close,
  }: {
    runId: number;
    /** The name of whoever it is about, empty for everybody. */
    search?: string;
    changed: () => void;
    close: () => void;
  } = $props();

  const lieu = untrack(() => new Lieu(runId));
  let search = $state(untrack(() => wanted));

  $effect(() => lieu.load());

  const shown = $derived(
    (lieu.all ?? []).filter((extra) =>
      `${extra.person} ${extra.team}`.toLowerCase().includes(search.trim().toLowerCase()),
    ),
  );
  const possible = $derived(shown.filter(Lieu.canBeChosen));
  const count = $derived(Object.keys(lieu.chosen).length);

  async function put(event: SubmitEvent) {
    event.preventDefault();
    if (await lieu.put()) changed();
  }

  async function takeBack(id: number) {
    if (await lieu.takeBack(id)) changed();
  }
</script>

<SidePanel title="Extra hours into time in lieu" wide {close}>
  <p class="quiet mb-3">
    Hours put here are not paid with this run; the time they become is in the balance on its last
    day, at the policy’s rate, and is taken later as leave.
  </p>
  <ProblemNote problem={lieu.work.problem} />
  {#if lieu.all === null}
    {#if !lieu.work.problem}<Waiting what="Fetching extra hours" />{/if}
  {:else if lieu.all.length === 0}
    <p>Nobody has extra hours in this run.</p>
  {:else}
    <form onsubmit={put}>
      <div class="mb-2 flex flex-wrap items-center justify-between gap-3">
        <input
          class="input w-60"
          type="search"
          placeholder="Person or team"
          aria-label="Search extra hours"
          bind:value={search}
        />
        <button class="btn btn-primary" disabled={lieu.work.busy || count === 0}
          >Put {count === 0 ? 'what is chosen' : count} into time in lieu</button
        >
      </div>
      <table class="figures">
        <thead>
          <tr>
            <th>
              <input
                type="checkbox"
                class="checkbox checkbox-sm"
                aria-label="Choose everybody"
                checked={possible.length > 0 &&
                  possible.every((each) => keyOf(each) in lieu.chosen)}
                disabled={possible.length === 0}
                onchange={(event) =>
                  possible.forEach((extra) => lieu.choose(extra, event.currentTarget.checked))}
              />
            </th>
            <th>Person</th>
            <th>Kind</th>
            <th class="number">Recorded</th>
            <th class="number">Paid</th>
            <th>Into time in lieu</th>
          </tr>
        </thead>
        <tbody>
          {#each shown as extra (keyOf(extra))}
            {@const chosen = lieu.chosen[keyOf(extra)]}
            <tr data-extra={extra.personId}>
              <td>
                <input
                  type="checkbox"
                  class="checkbox checkbox-sm"
                  aria-label={`Choose ${extra.person}, ${extra.kind}`}
                  disabled={!Lieu.canBeChosen(extra)}
                  checked={chosen !== undefined}
                  onchange={(event) => lieu.choose(extra, event.currentTarget.checked)}
                />
              </td>
              <td>{extra.person}<span class="quiet block text-sm">{extra.team}</span></td>
              <td>{extra.kind}</td>
              <td class="number"><Amount value={extra.hours} /></td>
              <td class="number"><Amount value={extra.left} /></td>
              <td>
                {#if chosen}
                  <span class="flex flex-wrap items-center gap-2">
                    <input
                      class="input w-20 text-right"
                      aria-label={`Hours of ${extra.person}, ${extra.kind}`}
                      bind:value={chosen.hours}
                    />
                    hours become
                    <strong>{becomes(extra, chosen)}</strong>
                    {#if extra.policies.length > 1}
                      <select
                        class="select w-44"
                        aria-label={`Policy for ${extra.person}`}
                        bind:value={chosen.policyId}
                      >
                        {#each extra.policies as policy (policy.policyId)}
                          <option value={policy.policyId}>{policy.policy}</option>
                        {/each}
                      </select>
                    {:else}
                      of {extra.policies[0]!.policy}
                    {/if}
                  </span>
                {:else if extra.policies.length === 0}
                  <span class="quiet">no policy of theirs takes extra hours</span>
                {:else}
                  <span class="quiet">{extra.policies[0]!.rate} for 1</span>
                {/if}
                {#each extra.credits as credit (credit.id)}
                  <span class="mt-1 block border-l-4 border-secondary pl-2 text-sm">
                    {credit.hours} hours became {credit.credited} of {credit.policy}{credit.usableUntil
                      ? `, usable until ${day(credit.usableUntil)}`
                      : ''} ({credit.by})
                    <button
                      type="button"
                      class="underline"
                      disabled={lieu.work.busy}
                      onclick={() => takeBack(credit.id)}>Pay them after all</button
                    >
                  </span>
                {/each}
              </td>
            </tr>
          {:else}
            <tr><td colspan="6" class="quiet">Nobody matches.</td></tr>
          {/each}
        </tbody>
      </table>
    </form>
  {/if}
</SidePanel>
