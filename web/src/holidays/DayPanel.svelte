<script lang="ts">
  import DateField from '../common/DateField.svelte';
  import { untrack } from 'svelte';
  import { answer, api } from '../api/client';
  import type { Holidays } from '../api/types';
  import Field from '../common/Field.svelte';
  import ProblemNote from '../common/ProblemNote.svelte';
  import SidePanel from '../common/SidePanel.svelte';
  import { session } from '../frame/session.svelte';
  import { Work } from '../common/work.svelte';

  let {
    siteId,
    holiday: before,
    done,
    close,
  }: {
    siteId: number;
    /** The holiday that is changed, null for a new one. */
    holiday: Holidays['holidays'][number] | null;
    done: (holidays: Holidays) => void;
    close: () => void;
  } = $props();

  let on = $state(untrack(() => before?.on ?? session.current.today));
  let name = $state(untrack(() => before?.name ?? ''));
  let half = $state(untrack(() => before?.half ?? false));
  const work = new Work();

  async function attempt(call: () => Promise<Holidays>) {
    await work.do(async () => {
      done(await call());
    });
  }

  function keep(event: SubmitEvent) {
    event.preventDefault();
    const body = { on, name, half };
    return attempt(() =>
      answer(
        before === null
          ? api.POST('/api/holidays/{siteId}/days', { params: { path: { siteId } }, body })
          : api.PUT('/api/holidays/{siteId}/days/{day}', {
              params: { path: { siteId, day: before.on } },
              body,
            }),
      ),
    );
  }

  function remove() {
    return attempt(() =>
      answer(
        api.DELETE('/api/holidays/{siteId}/days/{day}', {
          params: { path: { siteId, day: before!.on } },
        }),
      ),
    );
  }
</script>

<SidePanel title={before === null ? 'A single holiday' : before.name} {close}>
  <form class="space-y-4" onsubmit={keep}>
    <Field label="Day" field="on" problem={work.problem}>
      <DateField class="input w-44" name="on" bind:value={on} />
    </Field>
    <Field label="Name" field="name" problem={work.problem}>
      <input class="input w-72" name="holiday-name" bind:value={name} />
    </Field>
    <label class="flex items-center gap-2">
      <input type="checkbox" class="checkbox checkbox-sm" bind:checked={half} /> half a day
    </label>
    <p class="quiet">
      Leave already approved keeps its cost. On a day of a closed period, what depends on it is
      corrected by the next run.
    </p>
    <ProblemNote problem={work.problem} besides={['on', 'name']} />
    <div class="flex gap-3">
      <button class="btn btn-primary" disabled={work.busy || !on}>Keep it</button>
      {#if before !== null}
        <button type="button" class="btn" disabled={work.busy} onclick={remove}>Take it away</button
        >
      {/if}
    </div>
  </form>
</SidePanel>
