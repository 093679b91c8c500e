<script lang="ts">
  import { page } from '$app/state';
  import { waitingHere } from '../outbox/queue.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { id, name, email, clubName }: { id: string; name: string; email: string; clubName: string } = $props();
  /** sets and results that wait on this device, once somebody wants to sign out; null = not asked yet */
  let waiting = $state<number | null>(null);

  /** What waits is said first; it stays here for whoever entered it. */
  async function signOut(event: SubmitEvent): Promise<void> {
    if (waiting !== null || !('databases' in indexedDB)) return;
    event.preventDefault();
    const form = event.currentTarget as HTMLFormElement;
    waiting = await waitingHere(id).catch(() => 0);
    if (waiting === 0) form.submit();
  }
  const initials = $derived(
    name
      .split(/\s+/)
      .map((part) => part[0] ?? '')
      .join('')
      .slice(0, 2)
      .toUpperCase(),
  );
</script>

<details>
  <summary aria-label="Account of {name}">{initials}</summary>
  <div>
    <p><strong>{name}</strong><br /><span class="note">{email}<br />{clubName}</span></p>
    <form method="post" action="/theme?to={encodeURIComponent(page.url.pathname + page.url.search)}">
      <QuietButton name="theme" value="cal">Light theme</QuietButton>
      <QuietButton name="theme" value="noche">Dark theme</QuietButton>
      <QuietButton name="theme" value="system">Theme of the system</QuietButton>
    </form>
    <a href="/account">Password and sessions</a>
    {#if waiting}<p class="note" role="alert">
        {waiting === 1 ? 'One entry waits' : `${String(waiting)} entries wait`} here, not with the server yet. They stay on
        this device and are sent when you sign in on it again.
      </p>{/if}
    <form method="post" action="/sign-out" onsubmit={signOut}>
      <QuietButton>{waiting ? 'Sign out all the same' : 'Sign out'}</QuietButton>
    </form>
  </div>
</details>

<style>
  details {
    position: relative;
  }
  summary {
    list-style: none;
    cursor: pointer;
    width: 32px;
    height: 34px;
    border: 1px solid var(--ink);
    display: grid;
    place-items: center;
    font-size: 12.5px;
    font-weight: 640;
  }
  div {
    position: absolute;
    right: 0;
    top: 40px;
    z-index: 20;
    width: 220px;
    background: var(--cal-1);
    border: var(--bold-rule);
    padding: 16px;
    display: grid;
    gap: 12px;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
  }
</style>
