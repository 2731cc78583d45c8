<script lang="ts">
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { HolidayRule, Holidays, RuleForm } from '../api/types';
  import Field from '../common/Field.svelte';
  import { words } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { MONTHS, NTHS, OBSERVED, WEEKDAYS } from './rules';
  import { Work } from '../common/work.svelte';

  let {
    siteId,
    rule: before,
    done,
    close,
  }: {
    siteId: number;
    /** The rule that is changed, null for a new one. */
    rule: HolidayRule | null;
    done: (holidays: Holidays) => void;
    close: () => void;
  } = $props();

  const NEW: RuleForm = {
    name: '',
    sort: 'FIXED',
    month: 1,
    day: 1,
    nth: 1,
    weekday: 'MONDAY',
    daysFromEaster: 1,
    observed: 'NEXT_WEEKDAY',
    half: false,
    days: 1,
  };

  let rule = $state<RuleForm>(
    untrack(() => ({
      ...NEW,
      ...Object.fromEntries(
        Object.entries(before?.rule ?? {}).filter(([, value]) => value !== null),
      ),
    })),
  );
  const work = new Work();

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const body = $state.snapshot(rule) as RuleForm;
    await work.do(async () => {
      done(
        await answer(
          before === null
            ? api.POST('/api/holidays/{siteId}/rules', { params: { path: { siteId } }, body })
            : api.PUT('/api/holidays/rules/{id}', { params: { path: { id: before.id } }, body }),
        ),
      );
    });
  }
</script>

<SidePanel title={before === null ? 'A yearly holiday' : before.rule.name} {close}>
  <form class="space-y-4" onsubmit={keep}>
    <Field label="Name" field="name" problem={work.problem}>
      <input class="input w-72" name="holiday-name" bind:value={rule.name} />
    </Field>
    <Field label="It is" field="sort" problem={work.problem}>
      <select class="select w-72" name="sort" bind:value={rule.sort}>
        <option value="FIXED">on the same date each year</option>
        <option value="NTH_WEEKDAY">on a weekday of a month</option>
        <option value="AROUND_EASTER">so many days from Easter</option>
      </select>
    </Field>
    <div class="flex flex-wrap items-end gap-2">
      {#if rule.sort === 'FIXED'}
        <Field label="Day" field="day" problem={work.problem}>
          <input
            class="input w-20"
            type="number"
            min="1"
            max="31"
            name="day"
            bind:value={rule.day}
          />
        </Field>
      {:else if rule.sort === 'NTH_WEEKDAY'}
        <select class="select w-28" aria-label="Which" bind:value={rule.nth}>
          {#each NTHS as [nth, name] (nth)}<option value={nth}>{name}</option>{/each}
        </select>
        <select class="select w-36" aria-label="Weekday" bind:value={rule.weekday}>
          {#each WEEKDAYS as weekday (weekday)}<option value={weekday}>{words(weekday)}</option
            >{/each}
        </select>
      {:else}
        <Field
          label="Days after Easter Sunday, with a minus before it"
          field="daysFromEaster"
          problem={work.problem}
        >
          <input
            class="input w-24"
            type="number"
            name="days-from-easter"
            bind:value={rule.daysFromEaster}
          />
        </Field>
      {/if}
      {#if rule.sort !== 'AROUND_EASTER'}
        <select class="select w-36" aria-label="Month" bind:value={rule.month}>
          {#each MONTHS as name, at (name)}<option value={at + 1}>{name}</option>{/each}
        </select>
      {/if}
    </div>
    <Field label="When it falls on a weekend, it is free" field="observed" problem={work.problem}>
      <select class="select w-56" name="observed" bind:value={rule.observed}>
        {#each OBSERVED as [value, name] (value)}<option {value}>{name}</option>{/each}
      </select>
    </Field>
    <div class="flex items-end gap-4">
      <Field label="Days in a row" field="days" problem={work.problem}>
        <input
          class="input w-20"
          type="number"
          min="1"
          max="31"
          name="days"
          bind:value={rule.days}
        />
      </Field>
      <label class="flex items-center gap-2 pb-2">
        <input type="checkbox" class="checkbox checkbox-sm" bind:checked={rule.half} /> half a day
      </label>
    </div>
    <p class="quiet">Its days count once you have looked at a year and taken it.</p>
    <ProblemNote
      problem={work.problem}
      besides={['name', 'sort', 'day', 'daysFromEaster', 'observed', 'days']}
    />
    <button class="btn btn-primary" disabled={work.busy}>Keep it</button>
  </form>
</SidePanel>
