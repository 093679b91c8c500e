<script lang="ts">
  import { onMount } from 'svelte';
  import { beforeNavigate, goto } from '$app/navigation';
  import { page } from '$app/state';
  import { network } from '$lib/ui/outbox/network.svelte';
  import AccountMenu from '$lib/ui/shell/AccountMenu.svelte';
  import KeysHelp from '$lib/ui/shell/KeysHelp.svelte';
  import Rail from '$lib/ui/shell/Rail.svelte';
  import ThreadLine from '$lib/ui/shell/ThreadLine.svelte';
  import { bindKeys } from '$lib/ui/shell/keys';

  let { data, children } = $props();
  let help = $state(false);
  let online = $state<boolean | undefined>(true);
  const away = $derived(online === false || network.away);
  // without a network a page is opened as the browser kept it; asking for its data alone would fail
  beforeNavigate(({ to, cancel, willUnload }) => {
    if (!away || willUnload || !to) return;
    cancel();
    location.href = to.url.href;
  });

  onMount(() =>
    bindKeys({
      'g c': () => void goto('/calls'),
      'g q': () => void goto('/squad'),
      'g l': () => void goto('/start'),
      'g s': () => void goto('/season'),
      'g b': () => void goto('/bench'),
      'g f': () => void goto('/floor'),
      'g i': () => void goto('/library'),
      'g m': () => void goto('/measure'),
      'g t': () => void goto('/settings'),
      'Shift+?': () => (help = !help),
      '?': () => (help = !help),
    }),
  );
</script>

<svelte:window bind:online />
<a class="skip" href="#main">To the page</a>
<header>
  <a class="brand" href="/calls">Jaleo</a>
  {#if page.data.thread}<ThreadLine thread={page.data.thread} />{/if}
  <span class="end">
    {#if page.data.massUnit}<span class="label">{page.data.massUnit}</span>{/if}
    <AccountMenu
      id={data.person.id}
      name={data.person.name}
      email={data.person.email}
      clubName={page.data.clubName ?? ''}
    />
  </span>
</header>
<div class="body">
  <Rail counts={page.data.counts ?? {}} />
  <main id="main" tabindex="-1">
    {#if away}
      <p class="offline" role="status">
        No network. Pages are as they were when last opened; what you enter on a testing day is kept here and sent
        later.
      </p>
    {/if}
    {@render children()}
  </main>
</div>
{#if help}<KeysHelp onclose={() => (help = false)} />{/if}

<style>
  header {
    height: 62px;
    display: flex;
    gap: 34px;
    align-items: stretch;
    padding: 0 16px;
    border-bottom: var(--rule);
    background: var(--cal);
    position: relative;
    z-index: 5;
  }
  .brand,
  .brand:visited {
    align-self: center;
    color: var(--ink);
    text-decoration: none;
    font-size: 20px;
    font-weight: 720;
    font-stretch: 122%;
    background: var(--cal);
    z-index: 2;
  }
  .end {
    margin-left: auto;
    display: flex;
    gap: 16px;
    align-items: center;
    background: var(--cal);
    z-index: 3;
  }
  .body {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    min-height: calc(100vh - 62px);
  }
  main:focus {
    outline: none;
  }
  .offline {
    padding: 6px 16px;
    background: var(--ink);
    color: var(--cal);
  }
  .skip {
    position: absolute;
    left: -999px;
  }
  .skip:focus {
    left: 8px;
    top: 8px;
    z-index: 30;
    background: var(--cal-1);
    padding: 8px;
  }
  @media (max-width: 700px) {
    header {
      height: auto;
      flex-wrap: wrap;
      gap: 12px 24px;
      padding: 8px 16px 0;
    }
    .body {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: auto 1fr;
    }
  }
  @media print {
    header,
    .body > :global(nav) {
      display: none;
    }
    .body {
      display: block;
    }
  }
</style>
