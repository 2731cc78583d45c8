<script lang="ts">
  import type { AuditRecord } from '../api/types';
  import { day } from '../common/format';
  import { differences } from './differences';

  let { records, withThing = true }: { records: AuditRecord[]; withThing?: boolean } = $props();

  /** What is gone since has no name any more. */
  function thing(record: AuditRecord): string {
    return record.thing ?? record.subject;
  }

  function link(record: AuditRecord): string | null {
    switch (record.subject) {
      case 'person':
        return `#/people/${record.subjectId}`;
      case 'policy':
        return `#/policies/${record.subjectId}`;
      case 'request':
        return `#/requests/${record.subjectId}`;
      case 'pay run':
        return `#/pay-runs/${record.subjectId}`;
      case 'site':
      case 'award':
      case 'protected date':
        return '#/holidays';
      default:
        return null;
    }
  }
</script>

<ul class="divide-y divide-base-300" data-audit>
  {#each records as record (record.id)}
    {@const changes = differences(record.before, record.after)}
    <li class="py-1.5">
      <p class="flex flex-wrap gap-x-3">
        <span class="quiet whitespace-nowrap">{day(record.at)} {record.at.slice(11, 16)}</span>
        <span><strong>{record.actor}</strong> {record.what}</span>
        {#if withThing}
          {#if link(record)}
            <a class="underline" href={link(record)}>{thing(record)}</a>
          {:else}
            <span class="quiet">{thing(record)}</span>
          {/if}
        {/if}
      </p>
      {#if changes.length > 0}
        <details>
          <summary class="quiet cursor-pointer text-sm">
            {record.before === null
              ? 'What it became'
              : record.after === null
                ? 'What it was'
                : 'Before and after'}
          </summary>
          <table class="text-sm">
            <tbody>
              {#each changes as change (change.field)}
                <tr>
                  <td class="quiet pr-4 align-top">{change.field}</td>
                  <td class="max-w-xl break-words">
                    {#if change.before !== null}<del>{change.before}</del>{/if}
                    {#if change.after !== null}<span class="ml-1">{change.after}</span>{/if}
                  </td>
                </tr>
              {/each}
            </tbody>
          </table>
        </details>
      {/if}
    </li>
  {/each}
</ul>
