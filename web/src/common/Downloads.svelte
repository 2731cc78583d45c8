<script lang="ts">
  let {
    path,
    query = {},
  }: {
    /** Of the table, without an ending. */
    path: string;
    query?: Record<string, string | number>;
  } = $props();

  const asked = $derived(
    new URLSearchParams(Object.entries(query).map(([name, value]) => [name, String(value)])),
  );
</script>

<span class="join">
  <a class="btn join-item" href={`${path}.csv?${asked}`} download>Download CSV</a>
  <a class="btn join-item" href={`${path}.xlsx?${asked}`} download>XLSX</a>
</span>
