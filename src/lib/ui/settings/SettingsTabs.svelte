<script lang="ts">
  import { page } from '$app/state';

  const TABS = [
    ['/settings', 'Schools'],
    ['/settings/policy', 'Applied and asked'],
    ['/settings/places', 'Places'],
    ['/settings/method', 'Tables of the method'],
    ['/settings/people', 'People'],
  ] as const;
</script>

<nav aria-label="Settings">
  {#each TABS as [href, word] (href)}
    <a {href} aria-current={page.url.pathname === href ? 'page' : undefined}>{word}</a>
  {/each}
</nav>

<style>
  nav {
    display: flex;
    gap: 24px;
    border-bottom: var(--rule);
    margin-bottom: 16px;
  }
  a,
  a:visited {
    color: var(--ink-2);
    text-decoration: none;
    padding: 8px 0;
    border-bottom: 3px solid transparent;
    font-weight: 560;
  }
  a[aria-current] {
    color: var(--ink);
    border-color: var(--ink);
  }
</style>
