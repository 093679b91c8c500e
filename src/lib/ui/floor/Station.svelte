<script lang="ts">
  import { plateChange, roundsOf } from '$core/dose';
  import { formatAmount, formatSets } from '$core/exchange';
  import { massFromKg, type MassUnit } from '$core/units';
  import { firstSideWords, inSentence } from '$lib/messages';
  import ChangeSet from './ChangeSet.svelte';
  import type { FloorAthlete, FloorState } from './floor-state.svelte';

  let {
    floor,
    station,
    index,
    mass,
    mayLog,
  }: {
    floor: FloorState;
    station: { name: string; ids: readonly string[]; order: readonly string[] };
    index: number;
    mass: MassUnit;
    mayLog: boolean;
  } = $props();

  let open = $state(false);
  let changing = $state(false);
  const current = $derived(station.order[0] === undefined ? undefined : floor.athlete(station.order[0]));
  const next = $derived(station.order[1] === undefined ? undefined : floor.athlete(station.order[1]));
  const third = $derived(
    station.ids.length >= 4 && station.order[2] !== undefined ? floor.athlete(station.order[2]) : undefined,
  );
  const view = $derived(current ? floor.page.views[current.exerciseId] : undefined);

  /** The name a hall shouts: the family name, unless two share it. */
  const shortName = (athlete: FloorAthlete): string => {
    const family = athlete.name.split(' ').slice(1).join(' ') || athlete.name;
    const shared = floor.line?.athletes.filter((other) => other.name.endsWith(` ${family}`)).length ?? 0;
    return shared > 1 ? athlete.name : family;
  };
  const loadOf = (athlete: FloorAthlete): string | null =>
    athlete.dose.loadKg === null ? null : String(Math.round(massFromKg(athlete.dose.loadKg, mass) * 4) / 4);
  /** One set of it: of a hold pyramid the round that comes. */
  function amountOf({ id, dose }: FloorAthlete): string {
    const holds = roundsOf(dose)?.[Math.min(floor.setsDone(id), dose.sets - 1)];
    const one = formatAmount(dose);
    return holds === undefined ? one : `${String(holds)} × ${one}`;
  }
  const isBar = $derived(view?.load === 'barbell');
  const plates = $derived.by(() => {
    if (!isBar || !current || !next || current.dose.loadKg === null || next.dose.loadKg === null) return '';
    const { off, on } = plateChange(current.dose.loadKg, next.dose.loadKg, floor.page.plates);
    const parts = [off.length > 0 ? `off ${off.join(' + ')}` : '', on.length > 0 ? `on ${on.join(' + ')}` : ''].filter(
      Boolean,
    );
    return parts.length === 0 ? 'same plates' : `${parts.join(', ')} a side`;
  });
  /** on the way to the first working set (ORD-7) */
  const ramp = $derived(
    current && floor.setsDone(current.id) === 0
      ? current.ramp
          .map(({ loadKg, reps }) => `${String(Math.round(massFromKg(loadKg, mass) * 4) / 4)} × ${String(reps)}`)
          .join(', ')
      : '',
  );
  /** the same fault twice (FLOOR-3) */
  const wrong = $derived(current ? floor.faultOf(current.id) : null);
  /** self-paced jumps that end here (REST-3) */
  const spent = $derived(current ? floor.isSpent(current.id) : null);
  const setNumber = $derived(current ? floor.setsDone(current.id) + 1 : 0);

  async function asWritten(): Promise<void> {
    if (!current) return;
    const id = current.id;
    await floor.log(id, null);
    if (floor.called.get(index) === id && floor.setsDone(id) >= current.dose.sets) floor.called.delete(index);
  }
</script>

<section class="station" class:through={!current}>
  <button class="number" aria-expanded={open} aria-label="Everyone in {station.name}" onclick={() => (open = !open)}
    >{station.name}</button
  >
  {#if current}
    <div class="now">
      <span class="name"
        >{shortName(current)}{#if current.replaced}<small>own line: {inSentence(view?.name ?? '')}</small
          >{/if}{#if ramp}<small>first {ramp}</small>{/if}{#if current.first}<small
            >{inSentence(firstSideWords(current.first)).replace(/\.$/, '')}</small
          >{/if}</span
      >
      <button
        class="load"
        disabled={!mayLog}
        onclick={() => (changing = !changing)}
        aria-expanded={changing}
        aria-label="With changes: {current.name}, set {setNumber}"
      >
        <span
          >{#if loadOf(current) !== null}{loadOf(current)}<small>{mass}</small>{:else}{amountOf(current)}{/if}</span
        >
        <small class="set"
          >set {setNumber} of {current.dose.sets}{loadOf(current) === null ? '' : ` · ${amountOf(current)}`}</small
        >
      </button>
    </div>
    <div class="next">
      {#if next}
        <p><span>{shortName(next)}</span><span>{loadOf(next) ?? amountOf(next)}</span></p>
        <p class="small">
          <span>{next.replaced ? 'own line' : plates}</span>{#if third}<span>then {shortName(third)}</span>{/if}
        </p>
      {/if}
    </div>
    {#if mayLog}
      <button class="written" onclick={asWritten} aria-label="As written: {current.name}, set {setNumber}"
        >As written</button
      >
    {/if}
  {:else}
    <p class="done">all sets done</p>
    <span></span>
    <span class="tick" aria-hidden="true">✓</span>
  {/if}
  {#if current && mayLog && wrong !== null && current.below}
    <p class="say" role="status">
      Twice “{wrong}”: one rung down, {inSentence(floor.page.views[current.below.exerciseId]?.name ?? '')}, {formatSets(
        {
          ...current.below.dose,
          sets: current.dose.sets - floor.setsDone(current.id),
        },
      )}.
      <button onclick={() => floor.regress(current.id)}>Go down for the sets left</button>
    </p>
  {/if}
  {#if current && mayLog && floor.mayGoUp(current.id)}
    <p class="say">
      <button onclick={() => current && floor.goUp(current.id)}>Back up: as written after all</button>
    </p>
  {/if}
  {#if spent && current}
    <p class="say" role="status">
      {spent === 'tired'
        ? `Two in a row more than ${String(Math.round(floor.page.selfPacedRule.underBest * 100))} % under today’s best`
        : 'As many as are jumped without a measure'}: {shortName(current)} stops here.
    </p>
  {/if}
  {#if current && mayLog && changing}
    <div class="more">
      {#key `${current.id} ${setNumber}`}<ChangeSet
          {floor}
          athlete={current}
          {mass}
          onleave={() => (changing = false)}
        />{/key}
    </div>
  {/if}
  {#if open}
    <div class="everyone">
      {#each station.ids as id (id)}
        {@const athlete = floor.athlete(id)}
        {#if athlete}
          <span>
            <button
              onclick={() => {
                floor.called.set(index, id);
                open = false;
              }}
              disabled={floor.setsDone(id) >= athlete.dose.sets}
              aria-label="Call {athlete.name}"
              >{shortName(athlete)} <b>{floor.setsDone(id)}/{athlete.dose.sets}</b></button
            >
            {#if mayLog && floor.setsDone(id) > 0}<button
                class="back"
                onclick={() => void floor.takeBack(id)}
                aria-label="Take back the last set of {athlete.name}">take back</button
              >{/if}
          </span>
        {/if}
      {/each}
    </div>
  {/if}
</section>

<style>
  .station {
    display: grid;
    grid-template-columns: 84px minmax(0, 1.25fr) minmax(0, 1fr) 136px;
    align-items: center;
    min-height: 104px;
    border-bottom: 1px solid var(--cal-3);
    padding: 6px 0;
  }
  .number {
    border: 0;
    background: none;
    color: var(--pizarra);
    text-align: left;
    font-size: 64px;
    line-height: 72px;
    font-weight: 700;
    font-stretch: 74%;
    padding: 0;
    cursor: pointer;
  }
  .now {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 16px;
    padding-right: 20px;
  }
  .name {
    font-size: clamp(34px, 5.4vw, 60px);
    line-height: 1.05;
    font-weight: 700;
    font-stretch: 78%;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .load {
    font-size: clamp(30px, 4.8vw, 56px);
    line-height: 1;
    font-weight: 640;
    font-stretch: 66%;
    white-space: nowrap;
    text-align: right;
    border: 0;
    padding: 0;
    background: none;
    color: var(--ink);
    cursor: pointer;
    min-height: 64px;
    display: grid;
    gap: 5px;
    justify-items: end;
  }
  .load > span {
    border-bottom: 2px dashed var(--edge);
  }
  .load:disabled > span {
    border: 0;
  }
  small {
    font-size: 19px;
    line-height: 22px;
    font-weight: 440;
    font-stretch: 80%;
    color: var(--ink-2);
    margin-left: 6px;
  }
  .name small,
  .load .set {
    display: block;
    margin-left: 0;
  }
  .next {
    border-left: 1px solid var(--cal-3);
    padding-left: 18px;
    margin-right: 16px;
    min-height: 60px;
    font-size: 30px;
    line-height: 34px;
    font-weight: 560;
    font-stretch: 78%;
  }
  .next p {
    display: flex;
    justify-content: space-between;
    gap: 8px;
  }
  .small {
    font-size: 18px;
    line-height: 22px;
    font-weight: 420;
    color: var(--ink-2);
  }
  .written {
    min-height: 88px;
    border: 2px solid var(--ink);
    background: var(--cal);
    color: var(--ink);
    font-size: 22px;
    line-height: 26px;
    font-weight: 640;
    font-stretch: 86%;
    cursor: pointer;
  }
  .written:active {
    background: var(--oliva);
    color: var(--cal);
    border-color: var(--oliva);
  }
  .tick {
    min-height: 88px;
    display: grid;
    place-items: center;
    background: var(--oliva);
    color: var(--cal);
    font-size: 40px;
  }
  .done {
    color: var(--ink-2);
    font-size: 26px;
  }
  .say {
    grid-column: 2 / -1;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 14px;
    padding-top: 6px;
    font-size: 20px;
    line-height: 26px;
    color: var(--almagre-t);
  }
  .say button {
    min-height: 48px;
    border: 2px solid var(--ink);
    background: var(--cal);
    color: var(--ink);
    padding: 0 14px;
    font: inherit;
    font-weight: 600;
    cursor: pointer;
  }
  .more,
  .everyone {
    grid-column: 2 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    padding-top: 8px;
  }
  .everyone button {
    min-height: 48px;
    border: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    padding: 0 14px;
    font-size: 19px;
    font-stretch: 80%;
    cursor: pointer;
  }
  .everyone .back {
    border: 0;
    background: none;
    color: var(--ink-2);
    text-decoration: underline;
  }
  .everyone button:disabled {
    opacity: 0.5;
  }
  @media (max-width: 760px) {
    .station {
      grid-template-columns: 48px minmax(0, 1fr) 112px;
    }
    .number {
      font-size: 40px;
    }
    .next {
      display: none;
    }
    .now {
      flex-direction: column;
      gap: 2px;
    }
    .load {
      text-align: left;
    }
    .say,
    .more,
    .everyone {
      grid-column: 1 / -1;
    }
  }
</style>
