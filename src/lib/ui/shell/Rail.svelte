<script lang="ts">
  import { page } from '$app/state';

  let { counts }: { counts: Readonly<Record<string, number>> } = $props();

  /** The path: only what works is on it, in the order people work. */
  const PATH = [
    { href: '/calls', word: 'Calls', icon: 'M3 5h15M3 11h11M3 17h7M19 17h2' },
    { href: '/squad', word: 'Squad', icon: 'M7 4v4M12 3v5M17 4v4M3 12h18M5 12v8M12 12v9M19 12v8' },
    { href: '/start', word: 'Start line', icon: 'M5 3v18M10 5v3M10 11v3M10 17v3M14 7l5 5-5 5' },
    { href: '/season', word: 'Season', icon: 'M4 20V10M9 20V5M14 20v-7M19 20V8M3 20h18' },
    { href: '/bench', word: 'Bench', icon: 'M3 7h18M3 12h18M7 12v8M17 12v8' },
    { href: '/floor', word: 'Floor', icon: 'M3 4h18v12H3zM12 16v5M8 21h8M9 8l3 4 4-5' },
    { href: '/library', word: 'Library', icon: 'M4 4h5v16H4zM9 6h5v14H9zM15 7l4-1 3 13-4 1z' },
    { href: '/measure', word: 'Measure', icon: 'M3 8h18v8H3zM7 8v3M11 8v5M15 8v3M19 8v5' },
    { href: '/settings', word: 'Settings', icon: 'M3 7h10M17 7h4M15 4v6M3 17h4M11 17h10M9 14v6' },
  ] as const;
</script>

<nav aria-label="Path">
  {#each PATH as { href, word, icon } (href)}
    {@const here = page.url.pathname.startsWith(href)}
    <a {href} class:here aria-current={here ? 'page' : undefined}>
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true"
        ><path d={icon} fill="none" stroke="currentColor" stroke-width="1.8" /></svg
      >
      <span>{word}</span>
      {#if counts[href]}<b aria-label="{counts[href]} waiting">{counts[href]}</b>{/if}
    </a>
  {/each}
</nav>

<style>
  nav {
    border-right: var(--rule);
    padding-top: 8px;
    display: flex;
    flex-direction: column;
  }
  a {
    position: relative;
    display: grid;
    justify-items: center;
    align-content: center;
    gap: 3px;
    height: 60px;
    color: var(--ink-2);
    text-decoration: none;
    font-size: 12.5px;
    font-weight: 540;
    font-stretch: 96%;
  }
  a:visited {
    color: var(--ink-2);
  }
  a:hover {
    background: var(--cal-2);
  }
  a.here,
  a.here:visited {
    background: var(--ink);
    color: var(--cal);
  }
  b {
    position: absolute;
    top: 6px;
    right: 14px;
    border: 1px solid var(--ink);
    background: var(--cal);
    color: var(--ink);
    font-size: 11px;
    line-height: 16px;
    padding: 0 5px;
    font-weight: 600;
  }
  @media (max-width: 700px) {
    nav {
      flex-direction: row;
      border-right: 0;
      border-top: var(--rule);
      padding: 0;
      overflow-x: auto;
    }
    a {
      flex: 1 0 auto;
      min-width: 58px;
      padding: 0 6px;
    }
  }
</style>
