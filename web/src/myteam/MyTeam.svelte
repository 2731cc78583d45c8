<script lang="ts">
  import { soon } from '../common/soon';
  import { answer, api } from '../api/client';
  import type { TeamMember } from '../api/types';
  import DateField from '../common/DateField.svelte';
  import Empty from '../common/Empty.svelte';
  import { amount, day, longDay, unitName, withUnit } from '../common/format';
  import { listKeys } from '../common/listkeys';
  import ProblemNote from '../common/ProblemNote.svelte';
  import Waiting from '../common/Waiting.svelte';
  import { Work } from '../common/work.svelte';
  import { session } from '../frame/session.svelte';
  import { ORDERS, lapses, sorted, type Order } from './team';

  let on = $state(session.current.today);
  let order = $state<Order>('name');
  let search = $state('');
  let team = $state<TeamMember[] | null>(null);
  const work = new Work();

  $effect(() => {
    if (!on) return;
    const query = { asOf: on };
    return soon(
      () =>
        void work.do(async () => {
          team = await answer(api.GET('/api/my-team', { params: { query } }));
        }),
      60,
    );
  });

  const shown = $derived(
    sorted(
      (team ?? []).filter((each) =>
        each.person.toLowerCase().includes(search.trim().toLowerCase()),
      ),
      order,
    ),
  );
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
  <h1>My team</h1>
  <div class="flex flex-wrap items-end gap-3">
    <label>
      Search <input class="input w-40" name="search" bind:value={search} />
    </label>
    <label>
      Order
      <select class="select w-56" name="order" bind:value={order}>
        {#each Object.entries(ORDERS) as [value, words] (value)}
          <option {value}>{words}</option>
        {/each}
      </select>
    </label>
    <label>As of <DateField class="input w-40" name="on" bind:value={on} /></label>
  </div>
</div>
<ProblemNote problem={work.problem} />
{#if team === null}
  {#if !work.problem}<Waiting what="Fetching your team" />{/if}
{:else if team.length === 0}
  <Empty><p>Nobody is assigned to you on {longDay(on)}.</p></Empty>
{:else}
  <div class="overflow-x-auto">
    <table class="figures" data-my-team>
      <thead>
        <tr>
          <th>Person</th>
          <th>Balances on {day(on)}</th>
          <th>Lapses soon</th>
          <th class="number">Days taken in a year</th>
          <th>Away next</th>
        </tr>
      </thead>
      <tbody use:listKeys>
        {#each shown as member (member.personId)}
          <tr>
            <td>
              <span class="font-semibold whitespace-nowrap">{member.person}</span>
              <span class="quiet block text-sm">{member.team}</span>
            </td>
            <td>
              {#each member.balances as balance (balance.policyId)}
                <a
                  class="mr-3 inline-block hover:underline"
                  data-row
                  href={`#/balances/${member.personId}/${balance.policyId}`}
                  title={balance.balance}
                  >{balance.policy}
                  <strong>{amount(balance.balance)}</strong>
                  {unitName(balance.unit)}</a
                >
              {/each}
            </td>
            <td>
              {#each lapses(member, on) as lapse (lapse.policyId)}
                <span class="block"
                  >{withUnit(lapse.amount, lapse.unit)} of {lapse.policy} on {day(lapse.on)}</span
                >
              {:else}
                <span class="quiet">–</span>
              {/each}
            </td>
            <td
              class="number"
              title={member.taken
                .map((each) => `${each.policy}: ${withUnit(each.amount, each.unit)}`)
                .join('\n')}
            >
              {member.daysTaken}
            </td>
            <td>
              {#if member.nextAway}
                <a class="underline" href="#/calendar">{day(member.nextAway)}</a>
              {:else}
                <span class="quiet">–</span>
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  {#if shown.length === 0}<p class="quiet mt-3">Nobody of that name.</p>{/if}
{/if}
