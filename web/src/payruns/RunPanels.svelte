<script lang="ts">
  import type { Worksheet } from '../api/types';
  import SidePanel from '../common/SidePanel.svelte';
  import CardPanel from '../hours/CardPanel.svelte';
  import EnterLeave from '../requests/EnterLeave.svelte';
  import OpenRequest from '../requests/OpenRequest.svelte';
  import LieuPanel from './LieuPanel.svelte';
  import type { RunPanels } from './panels.svelte';
  import RunLedger from './RunLedger.svelte';
  import RunRow from './RunRow.svelte';

  let {
    worksheet,
    panels,
    changed,
  }: {
    worksheet: Worksheet;
    panels: RunPanels;
    /** Something was changed in a panel, or may have been. */
    changed: () => void;
  } = $props();

  const run = $derived(worksheet.run);
  const gathering = $derived(run.state !== 'CLOSED');

  function done() {
    panels.fold();
    changed();
  }
</script>

{#if panels.row}
  <RunRow
    row={panels.row}
    columns={worksheet.columns}
    period={{ first: run.firstDay, last: run.lastDay }}
    mend={(row) => panels.openCard({ id: row.personId, name: row.person }, run.firstDay)}
    ledger={(row) => panels.openLedger(row)}
    lieu={gathering ? (row) => panels.openExtra(row.person) : null}
    statement={gathering ? null : run.id}
    close={() => panels.fold()}
  />
{:else if panels.ledger}
  <RunLedger
    row={panels.ledger}
    until={run.lastDay}
    back={() => panels.openRow(panels.ledger!)}
    close={() => panels.fold()}
  />
{:else if panels.extra !== null}
  <LieuPanel runId={run.id} search={panels.extra} {changed} close={() => panels.fold()} />
{:else if panels.card !== null}
  {@const { person, on } = panels.card}
  <CardPanel
    {person}
    {on}
    enterLeave={(day) => panels.enterLeave({ personId: person.id, person: person.name, on: day })}
    close={done}
  />
{:else if panels.request !== null}
  <SidePanel title="Decide, and go on with the run" close={() => panels.fold()}>
    <OpenRequest id={panels.request} decided={done} />
  </SidePanel>
{:else if panels.entering !== null}
  {@const entering = panels.entering}
  <EnterLeave
    person={entering === 'SOMEBODY' || entering.personId === null
      ? null
      : { id: entering.personId, name: entering.person ?? '' }}
    on={entering === 'SOMEBODY' ? run.lastDay : (entering.on ?? run.lastDay)}
    close={() => panels.fold()}
    {done}
  />
{/if}
