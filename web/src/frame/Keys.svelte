<script lang="ts">
  let { close }: { close: () => void } = $props();

  const keys: [string, string][] = [
    ['Ctrl K', 'Go to any place, person or action'],
    ['t', 'Back to today'],
    ['← →', 'Move the as-of day, when its marker is chosen'],
    ['j  k', 'Next and previous in a list'],
    ['Enter', 'Open what is chosen'],
    ['a  d', 'Approve or decline the open request'],
    ['1 to 9', 'Turn a day of the open request over'],
    ['n', 'The next request'],
    ['Esc', 'Close what lies on top'],
    ['?', 'These keys'],
  ];

  function open(dialog: HTMLDialogElement) {
    dialog.showModal();
  }
</script>

<dialog
  use:open
  onclose={close}
  aria-label="Keys"
  class="m-auto border-t-4 border-primary bg-base-100 p-6 text-base-content backdrop:bg-black/40"
>
  <h2 class="mb-3">Keys</h2>
  <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
    {#each keys as [key, meaning] (key)}
      <dt><kbd class="kbd">{key}</kbd></dt>
      <dd>{meaning}</dd>
    {/each}
  </dl>
  <form method="dialog" class="mt-4 text-right"><button class="btn btn-sm">Close</button></form>
</dialog>
