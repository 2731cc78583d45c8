<script lang="ts">
  let { secret, what, close }: { secret: string; what: string; close: () => void } = $props();
</script>

<div class="mt-3 border-l-4 border-accent bg-base-200 px-3 py-2" data-secret>
  <p>{what} It is shown only now; nobody can look it up later.</p>
  <p class="my-1 font-mono break-all select-all">{secret}</p>
  <button class="btn btn-sm" onclick={() => void navigator.clipboard.writeText(secret)}
    >Copy it</button
  >
  <button class="btn btn-ghost btn-sm" onclick={close}>I have it</button>
</div>
