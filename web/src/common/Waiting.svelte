<script lang="ts">
  let { what }: { what: string } = $props();
</script>

<p role="status" class="quiet flex items-center gap-2 py-6">
  <span class="loading loading-sm loading-dots" aria-hidden="true"></span>
  {what}
</p>
