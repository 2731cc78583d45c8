<script lang="ts">
  import Tokens from './Tokens.svelte';
  import Webhooks from './Webhooks.svelte';
</script>

<h1 class="mb-4">Other programs</h1>
<Tokens />
<Webhooks />
