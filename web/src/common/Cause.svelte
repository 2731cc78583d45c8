<script lang="ts">
  import type { LateChange } from '../api/types';

  let { cause, policyId }: { cause: LateChange; policyId?: number } = $props();

  const WORDS: Record<LateChange['subject'], string> = {
    REQUEST: 'the request',
    HOURS: 'the hours',
    PERSON: 'the person',
    POLICY: 'the policy',
    BALANCE: 'the balance',
    HOLIDAY: 'the holidays',
  };

  const link = $derived.by(() => {
    switch (cause.subject) {
      case 'REQUEST':
        return `#/requests/${cause.subjectId}`;
      case 'HOURS':
        return `#/hours/${cause.personId}?on=${cause.affectsFrom}`;
      case 'PERSON':
        return `#/people/${cause.personId}`;
      case 'POLICY':
        return `#/policies/${cause.subjectId}`;
      case 'BALANCE':
        return `#/balances/${cause.personId}/${cause.policyId ?? policyId}`;
      default:
        return '#/holidays';
    }
  });
</script>

<a class="underline" href={link}>Go to {WORDS[cause.subject]}</a>
