<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import LibraryTabs from '$lib/ui/library/LibraryTabs.svelte';

  let { data } = $props();
  const go = (change: Record<string, string>): void => {
    const query = new URLSearchParams(page.url.searchParams);
    for (const [key, value] of Object.entries(change)) {
      if (value === '') query.delete(key);
      else query.set(key, value);
    }
    void goto(`/library/ladders?${query.toString()}`, { keepFocus: true, noScroll: true });
  };
  const pick = (key: string, current: string) => (event: CustomEvent<string | number>) => {
    if (String(event.detail) !== current) go({ [key]: String(event.detail) });
  };
  const rungs = $derived([...data.rungs].reverse());
  const MOST_NAMES = 6;
  const names = (list: readonly { name: string }[]): string =>
    list.length <= MOST_NAMES
      ? list.map(({ name }) => name).join(', ')
      : `${list
          .slice(0, MOST_NAMES)
          .map(({ name }) => name)
          .join(', ')} and ${String(list.length - MOST_NAMES)} more`;
</script>

<svelte:head><title>{data.ladder.name} · Ladders · Jaleo</title></svelte:head>

<div class="page">
  <h1>Library</h1>
  <LibraryTabs />
  <div class="split">
    <nav aria-label="Ladders">
      <ul>
        {#each data.ladders as { id, name } (id)}
          <li>
            <a
              href="/library/ladders?ladder={id}&squad={data.squadId ?? ''}{data.athlete
                ? `&athlete=${data.athlete.id}`
                : ''}"
              aria-current={id === data.ladder.id ? 'true' : undefined}>{name}</a
            >
          </li>
        {/each}
      </ul>
    </nav>
    <div>
      <div class="pick">
        <Select
          size="sm"
          labelText="From the goal backwards for"
          selected={data.athlete?.id ?? ''}
          on:update={pick('athlete', data.athlete?.id ?? '')}
        >
          <SelectItem value="" text="everyone" />
          {#each data.athletes as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
        </Select>
      </div>
      <h2>{data.ladder.name}</h2>
      <p class="goal">Goal: {data.ladder.goal}. <span class="note">A rung is owned after {data.mastery}.</span></p>
      {#if data.athlete}
        <p class="reading" role="status">
          {#if data.athlete.rung === 0}
            {data.athlete.name} has not been on this ladder yet: the lowest rung is where it starts.
          {:else if data.athlete.rung >= (data.target ?? data.rungs.length)}
            {data.athlete.name} stands on rung {data.athlete.rung}, {data.target
              ? `where ${data.sport ?? 'the sport'} asks for ${String(data.target)}`
              : 'at the top'}.
          {:else}
            {data.athlete.name} stands on rung {data.athlete.rung}. {(data.target ?? data.rungs.length) -
              data.athlete.rung} to go to
            {data.target ? `what ${data.sport ?? 'the sport'} asks` : 'the goal'}; the rungs between are why.
          {/if}
        </p>
      {/if}
      <ol>
        {#each rungs as rung (rung.number)}
          {@const owned = data.athlete ? rung.number <= data.athlete.rung : rung.here.length > 0}
          <li
            class:owned
            class:current={data.athlete?.rung === rung.number}
            class:between={data.athlete &&
              rung.number > data.athlete.rung &&
              rung.number <= (data.target ?? data.rungs.length)}
          >
            <span class="number">{rung.number}</span>
            <div>
              <h3>
                {rung.name}{#if rung.number === data.target}{' '}<i>{data.sport} asks for this</i>{/if}
              </h3>
              <p>{rung.purpose}</p>
              <p class="note">
                {#each rung.entries as { id, name }, i (id)}{i > 0 ? ', ' : ''}<a href="/library/{id}">{name}</a>{/each}
                · {rung.dose}{rung.mastery ? ` · owned after ${rung.mastery}` : ''} · sends one back: {rung.fault}
              </p>
            </div>
            <div class="gates">
              {#if rung.gates.length > 0}<p class="note">Opens with {rung.gates.join(', ')}</p>{/if}
              {#if data.athlete && rung.closed.length > 0}<p><b>Still shut:</b> {rung.closed.join(', ')}</p>{/if}
              {#if rung.here.length > 0}<p class="who">{names(rung.here)}</p>{/if}
            </div>
          </li>
        {/each}
      </ol>
      <p class="ground">
        Ground{#if data.ground.length > 0}: {names(data.ground.map((name) => ({ name })))}{/if}
      </p>
    </div>
  </div>
</div>

<style>
  .page {
    padding: 14px 24px 48px;
  }
  .split {
    display: grid;
    grid-template-columns: 190px minmax(0, 1fr);
    gap: 28px;
    padding-top: 14px;
    max-width: 1160px;
  }
  nav li {
    padding: 3px 0;
  }
  nav a {
    text-decoration: none;
  }
  nav a[aria-current] {
    font-weight: 680;
    border-left: 3px solid var(--ink);
    padding-left: 8px;
  }
  .pick {
    display: grid;
    grid-template-columns: 260px;
    gap: 16px;
    margin-bottom: 12px;
  }
  .goal {
    font-size: 15.5px;
    border-bottom: 2px solid var(--ink);
    padding-bottom: 6px;
  }
  .reading {
    padding: 8px 0;
    font-weight: 560;
  }
  ol {
    border-left: 1px solid var(--edge);
    border-right: 1px solid var(--edge);
  }
  ol li {
    display: grid;
    grid-template-columns: 30px minmax(0, 1fr) minmax(0, 280px);
    gap: 12px;
    padding: 7px 12px;
    border-bottom: 1px dashed var(--edge);
  }
  ol li.owned {
    border-bottom: 3px solid var(--ink);
  }
  ol li.current {
    background: var(--cal-2);
  }
  ol li.between .number {
    outline: 2px solid var(--albero);
  }
  .number {
    font-weight: 680;
    font-stretch: 78%;
    font-variant-numeric: tabular-nums;
    width: 24px;
    text-align: center;
    align-self: start;
  }
  h3 {
    font-size: 14.5px;
    line-height: 19px;
  }
  i {
    font-style: normal;
    font-size: 11.5px;
    border: 1px solid var(--ink);
    padding: 0 4px;
  }
  .who {
    font-weight: 560;
    font-stretch: 90%;
  }
  .ground {
    border-top: 2px solid var(--ink);
    padding-top: 4px;
    color: var(--ink-2);
  }
  @media (max-width: 900px) {
    .split,
    ol li {
      grid-template-columns: minmax(0, 1fr);
    }
    nav ul {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 14px;
    }
    .pick {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
