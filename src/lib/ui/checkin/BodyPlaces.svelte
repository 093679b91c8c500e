<script lang="ts">
  let {
    places,
    place = $bindable(),
    optional,
  }: { places: readonly { id: string; name: string }[]; place: string; optional: boolean } = $props();

  /** Where each place is pointed at on the figure (100 × 250), and which side its button stands on. */
  const POINTS: Readonly<Record<string, readonly [number, number, 'left' | 'right']>> = {
    head: [52, 18, 'left'],
    shoulder: [50, 62, 'right'],
    back: [42, 96, 'left'],
    hip: [48, 124, 'left'],
    groin: [56, 132, 'right'],
    'back-thigh': [44, 156, 'left'],
    'front-thigh': [58, 156, 'right'],
    knee: [57, 186, 'right'],
    calf: [44, 208, 'left'],
    shin: [54, 208, 'right'],
    foot: [60, 238, 'right'],
  };
  const sides = $derived(
    (['left', 'right'] as const).map((side) => ({
      side,
      own: Object.keys(POINTS).flatMap(
        (id) => places.find((place) => place.id === id && POINTS[id]?.[2] === side) ?? [],
      ),
    })),
  );
</script>

<fieldset>
  <legend
    ><h2>
      Where most? {#if optional}<small>skip if all over</small>{/if}
    </h2></legend
  >
  <div class="body">
    {#each sides as { side, own } (side)}
      <div class="column {side}">
        {#each own as { id, name } (id)}
          <label><input type="radio" name="place" value={id} bind:group={place} /><span>{name}</span></label>
        {/each}
      </div>
    {/each}
    <svg viewBox="0 0 100 250" aria-hidden="true">
      <g fill="var(--ink-2)" stroke="var(--cal)" stroke-width="1.4">
        <path fill="var(--cal-3)" d="M50 132 60 136 58 190 50 188zM50 190 57 190 62 236 55 236zM54 236H74V241H54z" />
        <ellipse cx="52" cy="19" rx="10" ry="13" />
        <path d="M47 32 57 32 61 44 60 92 56 126 42 126 40 92 43 44z" />
        <path class:lit={place === 'groin' || place === 'hip'} d="M42 118H58L59 136H42z" />
        <path class:lit={place === 'front-thigh' || place === 'back-thigh'} d="M42 132 59 132 56 188 46 188z" />
        <path class:lit={place === 'calf' || place === 'shin'} d="M46 190 56 190 53 236 45 236z" />
        <path class:lit={place === 'foot'} d="M44 236H66L68 242H44z" />
        <rect class:lit={place === 'shoulder'} x="46" y="46" width="10" height="42" rx="5" />
        <rect x="47" y="86" width="8" height="38" rx="4" />
        <circle class:lit={place === 'knee'} cx="51" cy="188" r="6" />
        <path class:lit={place === 'back'} d="M41 80 47 80 47 118 42 118z" />
      </g>
      {#if POINTS[place]}
        {@const [x, y, side] = POINTS[place] ?? [0, 0, 'left']}
        <path d="M{x} {y}H{side === 'left' ? 0 : 100}" stroke="var(--ink)" stroke-width="1.5" />
        <circle cx={x} cy={y} r="3" fill="var(--albero)" stroke="var(--ink)" />
      {/if}
      <path d="M26 243H84" stroke="var(--ink)" stroke-width="1.6" />
    </svg>
  </div>
</fieldset>

<style>
  fieldset {
    border: 0;
    padding: 0;
    margin: 0 0 12px;
    min-width: 0;
  }
  .body {
    display: grid;
    grid-template-columns: 1fr 92px 1fr;
    margin-top: 6px;
  }
  .column {
    display: grid;
    gap: 6px;
    align-content: space-evenly;
  }
  .column.right {
    grid-column: 3;
    grid-row: 1;
  }
  svg {
    grid-column: 2;
    grid-row: 1;
    width: 92px;
    height: 100%;
    max-height: 330px;
    align-self: center;
  }
  .lit {
    fill: var(--ink);
    stroke: var(--albero);
    stroke-width: 2;
  }
  input {
    position: absolute;
    opacity: 0;
  }
  span {
    display: grid;
    place-items: center;
    text-align: center;
    min-height: 46px;
    padding: 2px 6px;
    border: 1px solid var(--edge);
    background: var(--cal-1);
    font-size: 15px;
    line-height: 18px;
    cursor: pointer;
  }
  input:checked + span {
    background: var(--ink);
    color: var(--cal);
  }
  input:focus-visible + span {
    outline: 2px solid var(--cds-focus);
    outline-offset: 2px;
  }
  small {
    font-size: 13px;
    font-weight: 420;
    color: var(--ink-2);
  }
</style>
