<script lang="ts">
  import { untrack } from 'svelte';
  import type { Terms } from '../api/types';
  import { day } from '../common/format';
  import { session } from '../frame/session.svelte';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import { firstDayAfter, ordinalEnding, type Wait } from './waits';

  let {
    wait = $bindable(),
    begins,
    before,
  }: {
    wait: NonNullable<Terms['waitToUse']>;
    /** What the wait is for, as the sentence begins. */
    begins: string;
    /** The same in the names of the figures. */
    before: string;
  } = $props();

  /** Ways of writing the same wait: the 90th day of employment is 89 days after the hire date. */
  type Way = Wait['in'] | 'NTH_DAY';
  let way = $state<Way>(untrack(() => wait.in));

  const nth = $derived(way === 'NTH_DAY');

  function write(chosen: Way | null) {
    if (chosen === null) return;
    const figure = nth ? wait.count + 1 : wait.count;
    way = chosen;
    wait = { count: counted(figure), in: chosen === 'MONTHS' ? 'MONTHS' : 'DAYS' };
  }

  function counted(figure: number): number {
    return way === 'NTH_DAY' ? Math.max(0, figure - 1) : figure;
  }

  const today = $derived(session.current.today);
</script>

{begins}
{nth ? 'from the' : ''}
<Blank
  name={`Wait before ${before}`}
  bind:value={
    () => (nth ? wait.count + 1 : wait.count),
    (figure) => (wait = { ...wait, count: counted(Number(figure)) })
  }
/>{nth ? '' : ' '}<Choice
  name={`Days or months before ${before}`}
  choices={[
    ['DAYS', 'days after the hire date'],
    ['MONTHS', 'months after the hire date'],
    ['NTH_DAY', `${nth ? ordinalEnding(wait.count + 1) : 'th'} day of employment on`],
  ]}
  bind:value={() => way, write}
/>.
<span class="quiet text-base" data-wait-ends={before}>
  {#if wait.in === 'DAYS'}{nth
      ? `That is ${wait.count} days after the hire date.`
      : `That is from the ${wait.count + 1}${ordinalEnding(wait.count + 1)} day of employment on.`}{/if}
  Whoever is hired on {day(today)} waits until {day(firstDayAfter(today, wait))}.
</span>
