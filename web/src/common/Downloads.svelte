<script lang="ts">
  let {
    path,
    query = {},
  }: {
    /** Of the table, without an ending. */
    path: string;
    query?: Record<string, string | number | boolean | string[]>;
  } = $props();

  const asked = $derived(
    new URLSearchParams(
      Object.entries(query).flatMap(([name, value]) =>
        [value].flat().map((each): [string, string] => [name, String(each)]),
      ),
    ),
  );
</script>

<span class="join">
  <a class="btn join-item" href={`${path}.csv?${asked}`} download>Download CSV</a>
  <a class="btn join-item" href={`${path}.xlsx?${asked}`} download>XLSX</a>
</span>
