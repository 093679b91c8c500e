<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { hasLink, link }: { hasLink: boolean; link: string | null } = $props();
</script>

<div class="link">
  {#if link}
    <p class="note">
      Give this to the athlete: it opens the check-in and the card, without an account. It is shown once.
    </p>
    <input readonly value={link} aria-label="Check-in link" onfocus={(event) => event.currentTarget.select()} />
  {/if}
  <form method="post" action="?/link" use:enhance>
    <CommandId of="link" />
    <QuietButton>{hasLink ? 'New check-in link (ends the old one)' : 'Make a check-in link'}</QuietButton>
  </form>
  {#if hasLink}<form method="post" action="?/revoke" use:enhance>
      <CommandId of="revoke" /><QuietButton>End the link</QuietButton>
    </form>{/if}
</div>

<style>
  .link {
    display: grid;
    gap: 6px;
  }
  input {
    width: 100%;
    border: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    padding: 6px 8px;
    font-stretch: 84%;
  }
</style>
