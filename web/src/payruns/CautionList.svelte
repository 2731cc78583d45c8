<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Caution, Worksheet } from '../api/types';
  import { counted } from '../common/format';
  import ProblemNote from '../common/ProblemNote.svelte';
  import { Work } from '../common/work.svelte';
  import CautionsOfKind from './CautionsOfKind.svelte';
  import { CAUTIONS_IN_WORDS } from './cautions';

  let {
    worksheet,
    look,
    changed,
  }: {
    worksheet: Worksheet;
    /** Opens what a caution is about. */
    look: (caution: Caution) => void;
    changed: () => void;
  } = $props();

  type Kind = Caution['kind'];

  /** Of which kind the cautions are listed, or those accepted. */
  let open = $state<Kind | 'ACCEPTED' | null>(null);
  let accepting = $state<Kind | Caution | null>(null);
  let note = $state('');
  const work = new Work();

  const id = $derived(worksheet.run.id);
  const kinds = $derived(Object.entries(worksheet.sums.open) as [Kind, number][]);
  const gathering = $derived(worksheet.run.state !== 'CLOSED');

  async function accept(event: SubmitEvent) {
    event.preventDefault();
    const which =
      typeof accepting === 'string'
        ? { kind: accepting, cautions: null }
        : { kind: null, cautions: [accepting as Caution] };
    const done = await work.do(async () => {
      await answer(
        api.POST('/api/pay-runs/{id}/cautions/acceptance', {
          params: { path: { id } },
          body: { ...which, note },
        }),
      );
    });
    if (done) {
      accepting = null;
      note = '';
      changed();
    }
  }

  async function takeBack(caution: Caution) {
    await work.do(async () => {
      await answer(
        api.POST('/api/pay-runs/{id}/cautions/taking-back', {
          params: { path: { id } },
          body: caution,
        }),
      );
    });
    changed();
  }

  function focus(field: HTMLElement) {
    field.focus();
  }
</script>

{#snippet noteForm(what: string)}
  <form class="my-2 flex flex-wrap items-end gap-2" onsubmit={accept}>
    <label class="grow">
      <span class="block text-sm font-semibold">Why {what} right</span>
      <input class="input w-full" name="note" maxlength="400" use:focus bind:value={note} />
    </label>
    <button class="btn btn-primary" disabled={work.busy || note.trim() === ''}>Accept</button>
    <button type="button" class="btn btn-ghost" onclick={() => (accepting = null)}>Not yet</button>
  </form>
{/snippet}

<section class={['sheet border-l-4 p-3', kinds.length > 0 && 'border-l-accent']} data-cautions>
  <h2 class="mb-1">Cautions</h2>
  <ProblemNote problem={work.problem} />
  {#if kinds.length === 0}
    <p>
      {gathering ? 'Nothing else needs a look.' : 'Nothing was unusual, or all of it accepted.'}
    </p>
  {/if}
  <ul class="space-y-1">
    {#each kinds as [kind, count] (kind)}
      <li data-caution={kind}>
        <div class="flex items-start gap-2">
          <span class="grow">{CAUTIONS_IN_WORDS[kind](count)}</span>
          <button
            class="font-semibold whitespace-nowrap underline"
            aria-expanded={open === kind}
            onclick={() => (open = open === kind ? null : kind)}
            >{open === kind ? 'Fold' : 'Show'}</button
          >
          {#if gathering}
            <button
              class="font-semibold whitespace-nowrap underline"
              onclick={() => (accepting = kind)}>{count === 1 ? 'Accept' : 'Accept all'}</button
            >
          {/if}
        </div>
        {#if accepting === kind}{@render noteForm(
            count === 1 ? 'this is' : 'all of these are',
          )}{/if}
        {#if open === kind}
          <CautionsOfKind {worksheet} {kind} accepted={false} {look}>
            {#snippet deed(caution)}
              {#if gathering}
                <button
                  class="font-semibold whitespace-nowrap underline"
                  onclick={() => (accepting = caution)}>Accept</button
                >
              {/if}
            {/snippet}
            {#snippet under(caution)}
              {#if accepting === caution}{@render noteForm('this is')}{/if}
            {/snippet}
          </CautionsOfKind>
        {/if}
      </li>
    {/each}
    {#if worksheet.sums.accepted > 0}
      <li>
        <div class="quiet flex items-start gap-2">
          <span class="grow">{counted(worksheet.sums.accepted, 'caution')} accepted</span>
          <button
            class="underline"
            aria-expanded={open === 'ACCEPTED'}
            onclick={() => (open = open === 'ACCEPTED' ? null : 'ACCEPTED')}
            >{open === 'ACCEPTED' ? 'Fold' : 'Show'}</button
          >
        </div>
        {#if open === 'ACCEPTED'}
          <CautionsOfKind {worksheet} kind={null} accepted {look}>
            {#snippet deed(caution)}
              {#if gathering}
                <button class="whitespace-nowrap underline" onclick={() => takeBack(caution)}
                  >Look again</button
                >
              {/if}
            {/snippet}
            {#snippet under(caution)}
              {#if caution.accepted}
                <p class="quiet text-sm">“{caution.accepted.note}” {caution.accepted.by}</p>
              {/if}
            {/snippet}
          </CautionsOfKind>
        {/if}
      </li>
    {/if}
  </ul>
</section>
