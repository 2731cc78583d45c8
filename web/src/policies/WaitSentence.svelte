<script lang="ts">
  import { untrack } from 'svelte';
  import type { Time } from '../api/types';
  import { day } from '../common/format';
  import { session } from '../frame/session.svelte';
  import Blank from './Blank.svelte';
  import Choice from './Choice.svelte';
  import { firstDayAfter, ordinalEnding } from './waits';

  let {
    wait = $bindable(),
    begins,
    before,
  }: {
    wait: Time;
    /** What the wait is for, as the sentence begins. */
    begins: string;
    /** The same in the names of the figures. */
    before: string;
  } = $props();

  /** Ways of writing the same wait: the 90th day of employment is 89 days after the hire date. */
  type Way = 'DAYS' | 'MONTHS' | 'NTH_DAY';
  let way = $state<Way>(untrack(() => (wait.days === null ? 'MONTHS' : 'DAYS')));

  const nth = $derived(way === 'NTH_DAY');
  const count = $derived(wait.days ?? wait.months ?? 0);
  /** As it is written: the 90th day, or 89 days. */
  const figure = $derived(nth ? count + 1 : count);

  function write(chosen: Way | null, written: number) {
    way = chosen ?? way;
    const counted = way === 'NTH_DAY' ? Math.max(0, written - 1) : written;
    wait = way === 'MONTHS' ? { days: null, months: counted } : { days: counted, months: null };
  }

  const today = $derived(session.current.today);
</script>

{begins}
{nth ? 'from the' : ''}
<Blank
  name={`Wait before ${before}`}
  bind:value={() => figure, (typed) => write(way, Number(typed))}
/>{nth ? '' : ' '}<Choice
  name={`Days or months before ${before}`}
  choices={[
    ['DAYS', 'days after the hire date'],
    ['MONTHS', 'months after the hire date'],
    ['NTH_DAY', `${nth ? ordinalEnding(count + 1) : 'th'} day of employment on`],
  ]}
  bind:value={() => way, (chosen) => write(chosen, figure)}
/>.
<span class="quiet text-base" data-wait-ends={before}>
  {#if wait.days !== null}{nth
      ? `That is ${count} days after the hire date.`
      : `That is from the ${count + 1}${ordinalEnding(count + 1)} day of employment on.`}{/if}
  Whoever is hired on {day(today)} waits until {day(firstDayAfter(today, wait))}.
</span>
