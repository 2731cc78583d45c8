<script lang="ts">
  import type { SvelteSet } from 'svelte/reactivity';
  import type { YearEndRow, YearEndView } from '../api/types';
  import Amount from '../common/Amount.svelte';
  import { day, money, withUnit } from '../common/format';
  import { hasMoney, stateWords } from './state';

  let {
    view,
    chosen,
    busy,
    chooseAll,
    takeBack,
  }: {
    view: YearEndView;
    /** The ids of the people who are chosen. */
    chosen: SvelteSet<number>;
    busy: boolean;
    /** Chooses all who are wanted, shown or not. */
    chooseAll: () => void;
    takeBack: (row: YearEndRow) => void;
  } = $props();

  const inMoney = $derived(hasMoney(view));

  function choose(row: YearEndRow) {
    if (!chosen.delete(row.personId)) chosen.add(row.personId);
  }

  function chooseAllOrNone() {
    if (chosen.size > 0) chosen.clear();
    else chooseAll();
  }
</script>

<div class="overflow-x-auto">
  <table class="figures" data-year-end>
    <thead>
      <tr>
        <th
          ><input
            type="checkbox"
            class="checkbox checkbox-sm"
            aria-label="Choose all that are wanted"
            checked={chosen.size > 0}
            onchange={chooseAllOrNone}
          /></th
        >
        <th>Person</th><th>Team</th>
        {#if view.first !== view.last}<th>New year</th>{/if}
        <th class="number">Holds</th><th class="number">Carries over</th>
        <th class="number">Loses</th><th class="number">Paid out</th>
        {#if inMoney}<th class="number">Lost, in money</th>{/if}
        <th>With the review</th>
      </tr>
    </thead>
    <tbody>
      {#each view.rows as row (row.personId)}
        <tr>
          <td
            ><input
              type="checkbox"
              class="checkbox checkbox-sm"
              aria-label={`Choose ${row.person}`}
              disabled={row.held === null}
              checked={chosen.has(row.personId)}
              onchange={() => choose(row)}
            /></td
          >
          <td
            ><a class="underline" href={`#/balances/${row.personId}/${view.policyId}`}
              >{row.person}</a
            ></td
          >
          <td class="quiet">{row.team}</td>
          {#if view.first !== view.last}<td>{day(row.on)}</td>{/if}
          {#each [row.held, row.carried, row.lost, row.paidOut] as figure, at (at)}
            <td class="number"
              >{#if figure !== null}<Amount value={figure} />{/if}</td
            >
          {/each}
          {#if inMoney}
            <td class="number">{row.lostWorth === null ? '' : money(row.lostWorth)}</td>
          {/if}
          <td class="text-sm">
            {stateWords(row, view.keptAt !== null)}
            {#if row.says}<span class="block">{row.says}</span>{/if}
            {#if row.ownCarry !== null}
              <span class="block"
                >may carry {withUnit(row.ownCarry, row.unit)} by exception
                {#if row.exceptionId !== null}<button
                    class="link"
                    disabled={busy}
                    onclick={() => takeBack(row)}>Take it back</button
                  >{/if}</span
              >
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if view.wanted > view.rows.length}
  <p class="quiet mt-1 text-sm">
    {view.wanted - view.rows.length} more; search for whom you want, or take the table.
  </p>
{/if}
