<script lang="ts">
  import type { PolicyLine } from '$lib/messages';
  import SettingsTabs from '$lib/ui/settings/SettingsTabs.svelte';

  let { data } = $props();
  const names = $derived(data.askEverything.map(({ name }) => name).join(', '));
</script>

{#snippet list(lines: readonly PolicyLine[])}
  <ul>
    {#each lines as { words, rules } (words)}
      <li>{words} <span class="rule-id">{rules.join(' · ')}</span></li>
    {/each}
  </ul>
{/snippet}

<svelte:head><title>Applied and asked · Jaleo</title></svelte:head>
<div class="page">
  <h1>Settings</h1>
  <SettingsTabs />
  <p>
    What is moved by rule is listed on <a href="/calls">Calls</a> for three days and taken back there, one by one or
    together. A correction later is said beside it and rewrites nothing. Numbers are those of your
    <a href="/settings/method">tables</a>.
  </p>
  <section>
    <h2>Applied without asking</h2>
    {@render list(data.applied)}
  </section>
  <section>
    <h2>Asked</h2>
    {@render list(data.asked)}
  </section>
  <p class="note">
    {#if data.askEverything.length > 0}Asked about everything: {names}.{:else if data.hasSquads}No squad is asked about
      everything.{/if}
    <a href="/settings#calls">Choose that under Schools</a>, for the club or one squad.
  </p>
</div>

<style>
  .page {
    padding: 14px 16px 32px;
    max-width: 78ch;
    display: grid;
    gap: 14px;
  }
  section {
    display: grid;
    gap: 6px;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 7px 0;
    border-bottom: var(--rule);
  }
</style>
