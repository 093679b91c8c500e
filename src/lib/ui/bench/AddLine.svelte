<script lang="ts">
  import { Search } from 'carbon-components-svelte';
  import type { Offer } from '$core/choose';
  import { sayReason } from '$lib/messages';
  import FamilyGlyph from '../glyphs/FamilyGlyph.svelte';
  import type { BenchState } from './bench-state.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    bench,
    first = '',
    onleave,
  }: {
    bench: BenchState;
    /** words looked for when it opens */
    first?: string;
    onleave: () => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let query = $state(first);
  /** null = nothing has been answered yet */
  let offers = $state.raw<readonly Offer[] | null>(null);
  const known = $derived(offers ?? []);
  let at = $state(0);
  let asked = 0;

  // an answer that comes after a later question's is dropped
  $effect(() => {
    const mine = ++asked;
    void bench.offers(query).then((found) => {
      if (mine !== asked) return;
      offers = found;
      at = 0;
    });
  });

  function take(offer: Offer | undefined): void {
    if (!offer) return;
    void bench.add(offer.exerciseId, offer.family);
    onleave();
  }

  function onkeydown(event: KeyboardEvent): void {
    if (event.key === 'Escape') onleave();
    else if (event.key === 'ArrowDown') at = Math.min(known.length - 1, at + 1);
    else if (event.key === 'ArrowUp') at = Math.max(0, at - 1);
    else if (event.key === 'Enter') take(known[at]);
    else return;
    event.preventDefault();
    document.getElementById(`offer-${String(at)}`)?.scrollIntoView({ block: 'nearest' });
  }
  const focus = (node: HTMLElement): void => node.querySelector('input')?.focus();
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="add" use:focus {onkeydown}>
  <Search
    size="sm"
    bind:value={query}
    labelText="Add a line"
    placeholder="Name, family or what it trains"
    role="combobox"
    aria-expanded="true"
    aria-controls="offers"
    aria-activedescendant={known.length > 0 ? `offer-${String(at)}` : undefined}
  />
  <ul id="offers" role="listbox" aria-label="What may be added">
    {#each known as offer, i (offer.exerciseId)}
      <!-- svelte-ignore a11y_click_events_have_key_events -->
      <li id="offer-{i}" role="option" aria-selected={i === at} class:at={i === at} onclick={() => take(offer)}>
        <FamilyGlyph family={offer.family} />
        <span>
          <b>{offer.name}</b>
          {#if offer.why}<span class="note">{sayReason(offer.why)}</span>{/if}
        </span>
      </li>
    {:else}
      <li class="none" role="option" aria-selected="false">
        {offers ? 'Nothing in the library has all of these words.' : 'Looking through the library …'}
      </li>
    {/each}
  </ul>
  <QuietButton onclick={onleave}>Close</QuietButton>
</div>

<style>
  .add {
    margin: 4px 12px 8px 0;
    border: 2px solid var(--ink);
    padding: 8px;
    display: grid;
    gap: 6px;
    justify-items: start;
  }
  .add :global(.bx--search) {
    width: 100%;
  }
  ul {
    width: 100%;
    max-height: 264px;
    overflow: auto;
  }
  li {
    display: grid;
    grid-template-columns: 22px minmax(0, 1fr);
    gap: 8px;
    align-items: center;
    padding: 5px 4px;
    border-bottom: var(--rule);
    cursor: pointer;
  }
  li.none {
    display: block;
    color: var(--ink-2);
    cursor: default;
  }
  li.at {
    background: var(--cal-2);
  }
  li span {
    display: grid;
  }
</style>
