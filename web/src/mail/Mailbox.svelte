<script lang="ts">
  import { answer, api } from '../api/client';
  import type { Message, Undelivered } from '../api/types';
  import Empty from '../common/Empty.svelte';
  import { day } from '../common/format';
  import Waiting from '../common/Waiting.svelte';
  import { session } from '../frame/session.svelte';

  let messages = $state<Message[] | null>(null);
  let undelivered = $state<Undelivered[]>([]);

  interface Parts {
    text: string;
    /** The link at the end as it is read, and the place in this program that it leads to. */
    link: string | null;
    place: string | null;
  }

  function parts(body: string): Parts {
    const [, text, link, place] = /^(.*?)((?:https?:\/\/[^\s#]+)?(#\/\S+))$/s.exec(body) ?? [];
    return { text: text ?? body, link: link ?? null, place: place ?? null };
  }

  $effect(() => {
    answer(api.GET('/api/mail')).then((loaded) => (messages = loaded));
    if (session.may('KEEP_SIGN_INS')) {
      answer(api.GET('/api/mail/undelivered')).then((loaded) => (undelivered = loaded));
    }
  });
</script>

<h1>Mailbox</h1>
<p class="quiet mt-1 mb-4">Here is the mail that was written to you; nobody else reads it here.</p>
{#if undelivered.length > 0}
  <section class="mb-6 max-w-4xl" data-undelivered>
    <h2 class="mb-1">Not delivered yet</h2>
    <ul class="sheet divide-y divide-base-300">
      {#each undelivered as mail (mail.id)}
        <li class="px-4 py-2">
          <span class="font-semibold">{mail.subject}</span> to {mail.recipient},
          <span class="quiet">{day(mail.at)}</span>
          {#if mail.problem}<p>Tried {mail.tries} times: {mail.problem}</p>{/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}
{#if messages === null}
  <Waiting what="Opening the mailbox" />
{:else if messages.length === 0}
  <Empty><p>No mail yet. A mail is written when a request is sent and when it is decided.</p></Empty
  >
{:else}
  <ul class="sheet max-w-4xl divide-y divide-base-300">
    {#each messages as message (message.id)}
      {@const { text, link, place } = parts(message.body)}
      <li class="px-4 py-2.5">
        <p class="flex flex-wrap justify-between gap-x-4">
          <span class="font-semibold">{message.subject}</span>
          <span class="quiet text-sm">{day(message.at)}, to {message.recipient}</span>
        </p>
        {#if message.attached}
          <p>
            <a class="underline" href={`/api/mail/${message.id}/attachment`} download
              >{message.attached}</a
            >
          </p>
        {/if}
        <p>
          {text}{#if link}<a class="break-all underline" href={place}>{link}</a>{/if}
          {#if message.place}<a class="underline" href={`#${message.place}`}>Look at it</a>{/if}
        </p>
      </li>
    {/each}
  </ul>
{/if}
