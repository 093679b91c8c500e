<script lang="ts">
  let { data } = $props();
</script>

<svelte:head><title>Floor · Jaleo</title></svelte:head>
<div class="page">
  <h1>Floor</h1>
  {#each data.sessions as { id, name, minutes } (id)}
    <p><a href="/floor/{id}">{name}, {minutes} min</a></p>
  {:else}
    <p>No card for today yet. <a href="/bench">Make it on the Bench</a>.</p>
  {/each}
</div>

<style>
  .page {
    padding: 20px 16px;
    display: grid;
    gap: 12px;
    font-size: 16px;
  }
</style>
