<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { ownValue } from '$core/own';
  import { Button, ContentSwitcher, Switch } from 'carbon-components-svelte';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { formatDose } from '$core/exchange';
  import type { Line } from '$core/session';
  import { inSentence, listWords, weekdayWord } from '$lib/messages';
  import { bindKeys } from '../shell/keys';
  import type { BenchPage } from './bench-page';
  import { BenchState } from './bench-state.svelte';
  import AddLine from './AddLine.svelte';
  import ApartNote from './ApartNote.svelte';
  import Brief from './Brief.svelte';
  import CardView from './CardView.svelte';
  import Ledger from './Ledger.svelte';
  import Matrix from './Matrix.svelte';
  import Why from './Why.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, editable: mayEdit }: { data: BenchPage; editable: boolean } = $props();
  const editable = $derived(mayEdit && !data.frozen);
  // svelte-ignore state_referenced_locally
  const bench = new BenchState(data);
  let editing = $state<string | null>(null);
  let adding = $state(false);
  /** words a page that led here wants looked for */
  let find = $state(page.url.searchParams.get('find') ?? '');
  /** athletes down, lines across, in place of the card */
  let everybody = $state(false);

  const names = $derived(new Map(data.athletes.map(({ id, name }) => [id, name])));
  const nameOf = (id: string): string => names.get(id) ?? 'someone';
  const placeName = (id: string): string => ownValue(data.places, id) ?? id;
  const contacts = $derived(bench.assessment?.contacts ?? null);
  const weekday = $derived(weekdayWord(data.weekday, true));
  const who = $derived(data.forAthlete === null ? data.squad.name : nameOf(data.forAthlete));

  const goneWords = $derived(listWords(bench.gone.map((id) => inSentence(bench.views[id]?.name ?? id))));
  const lineWords = (line: Line | null): string =>
    line === null
      ? 'taken off the card'
      : `${bench.views[line.exerciseId]?.name ?? line.exerciseId}, ${formatDose(line.dose, data.massUnit)}`;

  function step(by: number): void {
    const slots = bench.card?.lines.map((line) => line.slot) ?? [];
    const at = slots.indexOf(bench.selected ?? '');
    bench.selected = slots[Math.min(slots.length - 1, Math.max(0, at + by))] ?? null;
    // a line of folded prep is drawn first
    void tick().then(() => document.querySelector<HTMLElement>(`[data-slot="${bench.selected ?? ''}"] .name`)?.focus());
  }

  function shift(event: KeyboardEvent, by: 1 | -1): void {
    event.preventDefault();
    const slot = bench.selected;
    if (!editable || slot === null) return;
    void bench.moveBy(slot, by).then(() => document.querySelector<HTMLElement>(`[data-slot="${slot}"] .name`)?.focus());
  }

  onMount(() => {
    void bench.start().then(() => {
      if (bench.standsElsewhere) void invalidateAll();
      else adding ||= find !== '';
    });
    return () => bench.stop();
  });

  const always = {
    '$mod+z': (event: KeyboardEvent) => {
      event.preventDefault();
      if (editable) void bench.undo();
    },
    '$mod+Shift+z': (event: KeyboardEvent) => {
      event.preventDefault();
      if (editable) void bench.redo();
    },
  };
  const onCard = {
    ArrowDown: (event: KeyboardEvent) => {
      event.preventDefault();
      step(1);
    },
    ArrowUp: (event: KeyboardEvent) => {
      event.preventDefault();
      step(-1);
    },
    Enter: (event: KeyboardEvent) => {
      if (event.target instanceof Element && event.target.closest('button:not(.name), a, summary')) return;
      event.preventDefault();
      if (editable) editing = bench.selected;
    },
    s: () => {
      const slot = bench.selected;
      const first = slot === null ? undefined : bench.swaps[slot]?.[0];
      if (editable && slot !== null && first) void bench.swap(slot, first.exerciseId);
    },
    a: (event: KeyboardEvent) => {
      if (!editable || !bench.card) return;
      event.preventDefault();
      adding = true;
    },
    Delete: () => {
      if (editable && bench.selected !== null) void bench.remove(bench.selected);
    },
    'Alt+ArrowUp': (event: KeyboardEvent) => shift(event, -1),
    'Alt+ArrowDown': (event: KeyboardEvent) => shift(event, 1),
    r: () => document.querySelector<HTMLElement>('.why')?.scrollIntoView({ block: 'nearest' }),
  };
  $effect(() => bindKeys(everybody ? always : { ...always, ...onCard }));
</script>

<div class="bench" class:everybody>
  {#if !everybody}
    <Brief
      {bench}
      squad={data.squad}
      place={data.place}
      athletes={data.athletes}
      forAthlete={data.forAthlete}
      day={data.day}
      dayWords={data.dayWords}
      start={data.start}
      event={data.event}
      phases={data.phases}
      kinds={data.kinds}
      leastMinutes={data.leastMinutes}
      {editable}
    />
  {/if}
  <section class="middle">
    <header>
      <h1>{weekday} session</h1>
      {#if bench.card && contacts}
        <p class="sums">
          <b>{Math.round(bench.assessment?.minutes ?? 0)}</b> of {bench.minutes} min · <b>{contacts.raw}</b> contacts,
          <b>{Math.round(contacts.weighted)}</b> weighted
        </p>
      {:else}
        <p class="sums">{who}</p>
      {/if}
      {#if bench.card && data.forAthlete === null && data.athletes.length > 1}
        <div class="switch">
          <ContentSwitcher
            size="sm"
            selectedIndex={everybody ? 1 : 0}
            on:change={({ detail }) => (everybody = detail === 1)}
            aria-label="How the session is shown"
          >
            <Switch text="Card" />
            <Switch text="Everybody" />
          </ContentSwitcher>
        </div>
      {/if}
      {#if bench.card && bench.keep !== 'none'}
        <span class="actions">
          {#if editable}
            <Button size="small" kind="ghost" disabled={!bench.canUndo} on:click={() => void bench.undo()}>Undo</Button>
            <Button size="small" kind="ghost" disabled={!bench.canRedo} on:click={() => void bench.redo()}>Redo</Button>
            {#if !everybody}<Button size="small" kind="ghost" on:click={() => (adding = !adding)}>Add a line</Button
              >{/if}
          {/if}
          <Button
            size="small"
            kind="tertiary"
            href="/print/{bench.sessionId}"
            target="_blank"
            disabled={!bench.isStored}>Print</Button
          >
          <Button size="small" href="/floor/{bench.sessionId}" disabled={!bench.isStored}>Open on the floor</Button>
        </span>
      {/if}
    </header>
    {#if bench.messages.length > 0}
      <div class="messages" role="alert">
        {#each bench.messages as message (message)}<p>{message}</p>{/each}
        {#if bench.keep === 'conflict' && bench.conflicts.length === 0}<QuietButton onclick={() => void invalidateAll()}
            >Reload their card</QuietButton
          >{/if}
        {#if bench.eventDay && editable}<QuietButton onclick={() => void bench.askPrimer()}
            >Make a primer for today</QuietButton
          >{/if}
      </div>
    {/if}
    {#each bench.conflicts as { slot, mine, theirs } (slot)}
      <div class="messages" role="alert">
        <p>
          Somebody else changed this line meanwhile. Theirs stands: {lineWords(theirs)}. Yours: {lineWords(mine)}.
        </p>
        <QuietButton onclick={() => void bench.takeTheirs(slot)}>Leave theirs</QuietButton>
        <QuietButton onclick={() => void bench.takeMine(slot)}>Put mine back</QuietButton>
      </div>
    {/each}
    {#if bench.card}
      {#if bench.gone.length > 0}
        <p class="gone" role="status">Made room: {goneWords} came off. Undo brings it back.</p>
      {/if}
      {#if !everybody}<ApartNote
          apart={data.apart}
          away={data.away}
          returning={data.returning}
          here="/bench/{data.squad.id}/{data.day}"
        />{/if}
      {#if everybody}
        <Matrix
          {bench}
          athletes={data.athletes}
          squadId={data.squad.id}
          racks={data.squad.kit.racks}
          mass={data.massUnit}
          {editable}
          {placeName}
        />
      {:else}
        {#if adding && editable}<AddLine
            {bench}
            first={find}
            onleave={() => {
              adding = false;
              find = '';
            }}
          />{/if}
        <CardView {bench} mass={data.massUnit} {editable} {nameOf} bind:editing />
      {/if}
      <footer>
        {#if editable && everybody}<span class="keys"
            ><kbd>arrows</kbd> cell <kbd>Enter</kbd> dose <kbd>l</kbd> less <kbd>o</kbd> other <kbd>x</kbd> without
            <kbd>⌫</kbd> as the rules say</span
          >{:else if editable}<span class="keys"
            ><kbd>↑</kbd><kbd>↓</kbd> line <kbd>Enter</kbd> dose <kbd>s</kbd> swap <kbd>a</kbd> add <kbd>Del</kbd> take
            off <kbd>Alt ↑↓</kbd> move <kbd>r</kbd> why <kbd>?</kbd> keys</span
          >{/if}
        <span role="status" class="kept"
          >{bench.solving
            ? 'Choosing…'
            : data.frozen
              ? 'An earlier day: as it was written and done'
              : bench.keep === 'keeping'
                ? 'Keeping…'
                : bench.keep === 'kept'
                  ? `Kept${bench.keptAt ? ` ${bench.keptAt}` : ''}`
                  : bench.keep === 'waiting'
                    ? 'Not kept yet: the server is away'
                    : bench.keep === 'conflict'
                      ? 'Not kept: changed elsewhere'
                      : bench.keep === 'refused'
                        ? 'Not kept'
                        : ''}</span
        >
      </footer>
    {:else if data.frozen}
      <p class="empty">There was no card on this day.</p>
    {:else if !editable}
      <p class="empty">No card for this day yet. The head coach makes it.</p>
    {:else if bench.messages.length === 0}
      <p class="empty" role="status">Choosing the session…</p>
    {:else}
      <p class="empty"><a href="/squad/{data.squad.id}">Go to the squad</a></p>
    {/if}
  </section>
  {#if !everybody}
    <aside class="right" aria-label="Ledger and reasons">
      {#if bench.card}
        <Ledger {bench} sport={data.sport} covered={data.covered} kneeHip={data.kneeHip} />
        <Why
          {bench}
          squadId={data.squad.id}
          {editable}
          {nameOf}
          {placeName}
          athletes={data.forAthlete === null ? data.athletes : []}
        />
      {/if}
    </aside>
  {/if}
</div>

<style>
  .bench {
    display: grid;
    grid-template-columns: 174px minmax(0, 1fr) 286px;
    min-height: calc(100vh - 62px);
  }
  .bench.everybody {
    grid-template-columns: minmax(0, 1fr);
  }
  .switch {
    margin-right: auto;
  }
  .switch :global(.bx--content-switcher) {
    width: 212px;
  }
  .middle {
    padding: 12px 0 8px 12px;
    min-width: 0;
    display: flex;
    flex-direction: column;
  }
  .middle > header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 16px;
    margin: 0 12px 6px 0;
  }
  .sums {
    font-stretch: 84%;
    color: var(--ink-2);
  }
  .sums b {
    color: var(--ink);
  }
  .actions {
    margin-left: auto;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .right {
    border-left: var(--rule);
    display: flex;
    flex-direction: column;
    max-height: calc(100vh - 62px);
    position: sticky;
    top: 0;
    overflow: auto;
  }
  footer {
    margin: auto 12px 0 0;
    padding-top: 8px;
    border-top: var(--rule);
    display: flex;
    justify-content: space-between;
    font-size: 12.5px;
    color: var(--ink-2);
    font-stretch: 90%;
  }
  kbd {
    border: 1px solid var(--edge);
    padding: 0 5px;
    font-family: var(--family);
    font-size: 11px;
    color: var(--ink);
  }
  .keys kbd {
    margin-left: 8px;
  }
  .messages {
    margin: 0 12px 8px 0;
    padding: 8px 12px;
    background: var(--albero-w);
    border-left: 3px solid var(--albero);
  }
  .gone {
    margin: 0 12px 6px 0;
    color: var(--ink-2);
    font-stretch: 90%;
  }
  .empty {
    padding: 32px 0;
    color: var(--ink-2);
  }
  @media (max-width: 1100px) {
    .bench {
      grid-template-columns: minmax(0, 1fr) 286px;
    }
    .bench.everybody {
      grid-template-columns: minmax(0, 1fr);
    }
    .bench > :global(.brief) {
      grid-column: 1 / -1;
    }
  }
  @media (max-width: 800px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
    .middle {
      padding-right: 12px;
    }
    .right {
      border-left: 0;
      max-height: none;
      position: static;
    }
  }
</style>
