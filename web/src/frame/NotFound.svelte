<script lang="ts"></script>

<h1>There is nothing here</h1>
<p class="mt-2">
  The address may be mistyped. <a class="underline" href="#/">Go to the front page</a>.
</p>
