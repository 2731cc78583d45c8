<script lang="ts">
  import { day, words } from '../common/format';
  import More from '../common/More.svelte';
  import { soon } from '../common/soon';
  import { FIGURES } from './opening';
  import { AT_ONCE } from './openinglines';
  import type { Openings } from './openings.svelte';

  let { openings }: { openings: Openings } = $props();

  const TYPING = 200;

  let shown = $state(AT_ONCE);
  let callOff = () => {};

  const isLong = $derived(openings.inOrder.length > AT_ONCE || openings.left > 0);

  function seek() {
    shown = AT_ONCE;
    callOff();
    callOff = soon(() => openings.seek(), TYPING);
  }

  function more() {
    shown += AT_ONCE;
    if (shown > openings.meant.length) void openings.more();
  }
</script>

{#if isLong || openings.search !== ''}
  <input
    type="search"
    class="input mb-2 w-72"
    placeholder="Name, code or team"
    aria-label="Find people"
    bind:value={openings.search}
    oninput={seek}
  />
{/if}
<div class="max-h-[30rem] max-w-5xl overflow-auto">
  <table class="figures">
    <thead>
      <tr>
        <th>Person</th>
        {#if openings.severalPolicies}<th>Policy</th>{/if}
        <th>As of</th>
        <th class="number">Balance</th>
        <th class="number">Earned this year</th>
        <th class="number">Used this year</th>
        {#if openings.byHours}<th class="number">Hours toward the next step</th>{/if}
        <th><span class="sr-only">Take away</span></th>
      </tr>
    </thead>
    <tbody>
      {#each openings.meant.slice(0, shown) as each (`${each.policyId}/${each.line.personId}`)}
        {@const state = openings.stateOf(each)}
        <tr>
          <td>
            {each.line.person}
            <span class="quiet text-sm">{each.line.code} {each.line.team}</span>
          </td>
          {#if openings.severalPolicies}<td>{openings.nameOf(each.policyId)}</td>{/if}
          <td class="whitespace-nowrap">{day(each.on)}</td>
          {#each FIGURES.slice(0, openings.byHours ? 4 : 3) as name (name)}
            <td class="number">
              <input
                class="w-24 border-b border-base-content/40 bg-transparent text-right"
                inputmode="decimal"
                aria-label={`${name} of ${each.line.person}`}
                bind:value={each.figures[name]}
                oninput={() => openings.keep()}
              />
            </td>
          {/each}
          <td class={state?.state === 'WRONG' ? 'text-error' : undefined}>
            {#if state}
              {words(state.state)}{state.says.length > 0 ? `: ${state.says.join('; ')}` : ''}
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  <More left={openings.meant.length + openings.left - shown} {more} />
</div>
