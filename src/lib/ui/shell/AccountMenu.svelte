<script lang="ts">
  import { page } from '$app/state';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { name, email, clubName }: { name: string; email: string; clubName: string } = $props();
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
    <form method="post" action="/sign-out"><QuietButton>Sign out</QuietButton></form>
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
