<script lang="ts">
  import { onMount } from 'svelte';
  import { Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { DEMANDS, FAMILIES, LEVELS, TIERS, type Family } from '$core/library';
  import { DEMAND_WORDS, FAMILY_WORDS } from '$lib/messages';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import EntryList from '$lib/ui/library/EntryList.svelte';
  import FigureGrid from '$lib/ui/library/FigureGrid.svelte';
  import LibraryTabs from '$lib/ui/library/LibraryTabs.svelte';
  import type { LibraryRow } from '$lib/model/library';
  import { FinderState } from '$lib/ui/library/finder-state.svelte';
  import { bindKeys } from '$lib/ui/shell/keys';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data } = $props();
  /** all of them, once they are here */
  let all = $state.raw<readonly LibraryRow[] | null>(null);
  let away = $state(false);
  const entries = $derived(all ?? data.entries);
  async function fetchAll(): Promise<void> {
    try {
      const response = await fetch('/library/index.json');
      if (!response.ok) throw new Error('away');
      all = (await response.json()) as LibraryRow[];
      away = false;
    } catch {
      away = true;
    }
  }
  // what the club changed meanwhile comes with the page's own data
  $effect(() => {
    if (data.entries.length > 0) void fetchAll();
  });
  const finder = new FinderState(
    () => entries,
    () => data.kits,
    () => data.equipment,
  );
  let view = $state<'list' | 'figures'>('list');
  let box = $state<HTMLInputElement | null>(null);
  const found = $derived(finder.found);
  const shown = $derived(found.slice(0, finder.shown));

  const toggle = (family: Family): void => {
    finder.families = finder.families.includes(family)
      ? finder.families.filter((one) => one !== family)
      : [...finder.families, family];
  };

  /** on a narrow screen the filters wait until asked for */
  let narrowing = $state(false);
  onMount(() => {
    box?.focus();
    return bindKeys({
      '/': (event) => {
        event.preventDefault();
        box?.focus();
      },
    });
  });
</script>

<svelte:head><title>Library · Jaleo</title></svelte:head>

<div class="page">
  <header>
    <h1>Library</h1>
    <LibraryTabs />
    <QuietButton
      class="narrow"
      aria-expanded={narrowing}
      aria-controls="narrow"
      onclick={() => (narrowing = !narrowing)}
    >
      Narrow it down
    </QuietButton>
  </header>
  <aside id="narrow" class:open={narrowing} aria-label="Narrow it down">
    <Select size="sm" labelText="Kit at hand" bind:selected={finder.kitId}>
      <SelectItem value="" text="Any" />
      {#each data.kits as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
    <TextInput
      size="sm"
      labelText="Or only this kit"
      placeholder="dumbbells, band"
      bind:value={finder.kitText}
      warn={finder.unknownKit.length > 0}
      warnText="Not known here: {finder.unknownKit.join(', ')}"
    />
    <Select size="sm" labelText="Spares" bind:selected={finder.gentle}>
      <SelectItem value="" text="—" />
      {#each data.spared as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
    <Select size="sm" labelText="Trains" bind:selected={finder.demand}>
      <SelectItem value="" text="Anything" />
      {#each DEMANDS as demand (demand)}<SelectItem value={demand} text={DEMAND_WORDS[demand]} />{/each}
    </Select>
    <Select size="sm" labelText="Open to level" bind:selected={finder.level}>
      <SelectItem value="" text="Any" />
      {#each LEVELS as level (level)}<SelectItem value={level} text={level} />{/each}
    </Select>
    <Select size="sm" labelText="Jump tier" bind:selected={finder.tier}>
      <SelectItem value="" text="Any" />
      {#each TIERS as tier (tier)}<SelectItem value={tier} text={tier} />{/each}
    </Select>
    <Select size="sm" labelText="Ladder" bind:selected={finder.ladder}>
      <SelectItem value="" text="Any" />
      {#each data.ladders as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
    <Checkbox labelText="A group can do it on a whistle" bind:checked={finder.groupable} />
    <Checkbox labelText="Only the club’s own" bind:checked={finder.own} />
  </aside>
  <div class="main">
    <div class="find">
      <label for="find" class="label">Find</label>
      <input
        id="find"
        type="search"
        bind:this={box}
        bind:value={finder.query}
        placeholder="name, cue, muscle, or “knee-friendly single-leg”"
        autocomplete="off"
      />
      <p class="count" role="status">
        {away
          ? `the first ${String(entries.length)} of ${String(data.count)}: the server does not answer`
          : all
            ? `${String(found.length)} of ${String(data.count)}`
            : `of ${String(data.count)}…`}
      </p>
      <div class="views" role="group" aria-label="Show as">
        <button aria-pressed={view === 'list'} onclick={() => (view = 'list')}>List</button>
        <button aria-pressed={view === 'figures'} onclick={() => (view = 'figures')}>Figures</button>
      </div>
    </div>
    <div class="families" role="group" aria-label="Families">
      {#each FAMILIES as family (family)}
        <button aria-pressed={finder.families.includes(family)} onclick={() => toggle(family)}>
          <FamilyGlyph {family} size={16} />{FAMILY_WORDS[family]}
        </button>
      {/each}
    </div>
    {#if found.length === 0}
      <p class="empty">
        Nothing fits all of that. <QuietButton onclick={() => finder.clear()}>Start over</QuietButton>, or take one
        filter away.
      </p>
    {:else if view === 'figures'}
      <FigureGrid entries={shown} />
    {:else}
      <EntryList entries={shown} ladders={data.ladders} />
    {/if}
    {#if found.length > shown.length}
      <p class="more">
        <QuietButton onclick={() => finder.more()}>{found.length - shown.length} more</QuietButton>
      </p>
    {/if}
  </div>
</div>

<style>
  .page {
    display: grid;
    grid-template-columns: 232px minmax(0, 1fr);
    grid-template-rows: auto 1fr;
  }
  header {
    grid-column: 1 / -1;
    padding: 14px 24px 0;
  }
  .page :global(.narrow) {
    display: none;
    margin-top: 12px;
  }
  aside {
    padding: 16px 16px 32px 24px;
    display: grid;
    gap: 12px;
    align-content: start;
    border-right: var(--rule);
  }
  .main {
    padding: 14px 24px 48px;
    min-width: 0;
  }
  .find {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto auto;
    gap: 12px;
    align-items: center;
    border-bottom: 2px solid var(--ink);
  }
  input[type='search'] {
    border: 0;
    padding-inline: 8px;
    background: transparent;
    color: var(--ink);
    height: 40px;
    font: inherit;
    font-size: 16px;
  }
  input[type='search']::placeholder {
    color: var(--pizarra);
  }
  .count {
    font-variant-numeric: tabular-nums;
    font-stretch: 80%;
  }
  .views {
    display: flex;
  }
  .views button,
  .families button {
    border: 1px solid var(--edge);
    background: transparent;
    color: var(--ink);
    font: inherit;
    font-size: 12.5px;
    cursor: pointer;
    min-height: 28px;
    padding: 0 10px;
    margin-left: -1px;
    display: inline-flex;
    align-items: center;
    gap: 5px;
  }
  .families {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 5px;
    padding: 10px 0 8px;
  }
  .families button {
    margin: 0;
    padding: 0 8px;
    font-stretch: 88%;
  }
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--cal);
    border-color: var(--ink);
  }
  .more,
  .empty {
    padding: 14px 0;
  }
  @media (pointer: coarse) {
    .views button,
    .families button {
      min-height: 44px;
    }
  }
  @media (max-width: 900px) {
    .page {
      grid-template-columns: minmax(0, 1fr);
    }
    .page :global(.narrow) {
      display: inline-block;
    }
    aside:not(.open) {
      display: none;
    }
    aside {
      grid-template-columns: 1fr 1fr;
      border-right: 0;
      border-bottom: var(--rule);
      padding: 12px 16px;
    }
    .find {
      grid-template-columns: auto minmax(0, 1fr);
    }
  }
</style>
