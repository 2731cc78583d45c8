<script lang="ts"></script>

<svg viewBox="0 0 26 26" width="26" height="26" aria-hidden="true">
  <path d="M2 24 10 2h2L9 24zM24 24 16 2h-2l3 22z" fill="currentColor" />
  <path d="M12.4 5h1.2l.3 4h-1.8zm-.4 7h2l.4 5h-2.8zm-.6 8h3.2l.3 4h-3.8z" fill="#d98a4e" />
</svg>
<span class="text-xl font-semibold tracking-tight">Up Ahead</span>
