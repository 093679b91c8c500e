<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Jaleo</title></svelte:head>
<main>
  <h1>
    {page.status === 404 ? 'This page is not there' : page.status === 403 ? 'Not open to you' : 'That did not work'}
  </h1>
  <p>{page.error?.message}</p>
  {#if page.error?.id}<p class="note">Reference {page.error.id}</p>{/if}
  <p><a href="/calls">Go to Calls</a></p>
</main>

<style>
  main {
    max-width: 560px;
    padding: 64px 32px;
    display: grid;
    gap: 12px;
  }
</style>
