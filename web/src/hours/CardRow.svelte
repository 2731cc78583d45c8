<script lang="ts">
  import CircleAlert from '@lucide/svelte/icons/circle-alert';
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import type { CardDay } from '../api/types';
  import { isPositive, isZero } from '../common/decimal';
  import { amount, isWeekend, weekdayAndDay } from '../common/format';
  import type { Axis } from './axis';
  import type { TimeCard } from './card.svelte';
  import DayBar from './DayBar.svelte';

  let {
    day,
    axis,
    card,
    today,
    open,
  }: {
    day: CardDay;
    axis: Axis;
    card: TimeCard;
    today: string;
    /** Shows everything about the day. */
    open: () => void;
  } = $props();

  const mayChange = $derived(card.mayChange(day, today));
  const wrong = $derived(card.wrong[day.on] ?? null);

  function neighbour(field: HTMLElement, step: 1 | -1): void {
    const fields = [...document.querySelectorAll<HTMLInputElement>('[data-line]:not(:disabled)')];
    const next = fields[fields.indexOf(field as HTMLInputElement) + step];
    next?.focus();
    next?.select();
  }

  function onKey(event: KeyboardEvent & { currentTarget: HTMLInputElement }): void {
    const step = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (event.key === 'Enter') {
      event.preventDefault();
      const field = event.currentTarget;
      void card.take(day.on);
      neighbour(field, 1);
    } else if (step !== 0) {
      event.preventDefault();
      neighbour(event.currentTarget, step);
    }
  }
</script>

<tr class={[isWeekend(day.on) && 'bg-base-200/60']} data-day={day.on}>
  <td class="whitespace-nowrap">
    <button class="text-left hover:underline" onclick={open}>{weekdayAndDay(day.on)}</button>
    {#if card.isClosed(day.on)}<span class="quiet block text-xs">closed</span>{/if}
  </td>
  <td class="hidden w-[38%] sm:table-cell">
    <DayBar {day} {axis} />
    {#if day.holiday || day.leave.length > 0}
      <p class="text-xs">
        {#if day.holiday}<span class="quiet">{day.holiday}</span>{/if}
        {#each day.leave as leave (leave.requestId)}
          <span class="font-semibold text-primary">
            {leave.policy}, {amount(leave.hours)} h{leave.approved ? '' : ', waiting'}
          </span>
        {/each}
      </p>
    {/if}
  </td>
  <td>
    <input
      class={[
        'w-full border-b bg-transparent px-1 py-0.5 placeholder:text-base-content/45 focus:bg-base-200 disabled:opacity-70',
        wrong ? 'border-error' : 'border-base-content/30',
      ]}
      aria-label={`Times of ${weekdayAndDay(day.on)}`}
      aria-invalid={wrong !== null}
      data-line={day.on}
      maxlength="200"
      disabled={!mayChange}
      placeholder={mayChange && day.scheduledLine ? day.scheduledLine : ''}
      bind:value={() => card.line(day), (line) => card.type(day.on, line)}
      onchange={() => card.take(day.on)}
      onkeydown={onKey}
    />
    {#if wrong}
      <p class="flex gap-1 text-sm text-error" role="alert">
        <CircleAlert size={15} class="mt-0.5 shrink-0" aria-hidden="true" />{wrong}
      </p>
    {/if}
    {#each day.remarks as remark (remark.kind + remark.message)}
      <p class="flex gap-1 text-sm" data-remark={remark.kind}>
        {#if remark.acceptedNote === null}
          <CircleAlert
            size={15}
            class={['mt-0.5 shrink-0', remark.mustBeMended ? 'text-error' : 'text-primary']}
            aria-hidden="true"
          />
          <span
            >{remark.message}
            {#if !remark.mustBeMended}
              <button class="underline" onclick={open}>It is right</button>
            {/if}</span
          >
        {:else}
          <CircleCheck size={15} class="mt-0.5 shrink-0" aria-hidden="true" />
          <span class="quiet">{remark.message} {remark.acceptedBy}: “{remark.acceptedNote}”</span>
        {/if}
      </p>
    {/each}
  </td>
  <td class="number" title={day.worked}>{isZero(day.worked) ? '' : amount(day.worked)}</td>
  <td class="hidden text-sm sm:table-cell">
    {#each day.hours.filter((each) => each.kind !== 'regular' && isPositive(each.hours)) as each (each.kind)}
      <span class="block whitespace-nowrap" title={each.hours}
        >{amount(each.hours)} {each.kind}</span
      >
    {/each}
    {#if isPositive(day.holidayHours)}
      <span class="block whitespace-nowrap">{amount(day.holidayHours)} holiday</span>
    {/if}
  </td>
</tr>
