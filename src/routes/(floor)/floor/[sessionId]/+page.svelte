<script lang="ts">
  import { onMount } from 'svelte';
  import { formatClock, formatDose } from '$core/exchange';
  import { setParts } from '$core/floor';
  import { inSentence } from '$lib/messages';
  import { bindKeys } from '$lib/ui/shell/keys';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import ScoreStrip from '$lib/ui/parts/ScoreStrip.svelte';
  import { scoreOf } from '$lib/model/score';
  import { FloorState } from '$lib/ui/floor/floor-state.svelte';
  import AllAsWritten from '$lib/ui/floor/AllAsWritten.svelte';
  import WhoIsHere from '$lib/ui/floor/WhoIsHere.svelte';
  import CloseSession from '$lib/ui/floor/CloseSession.svelte';
  import ParkedSets from '$lib/ui/floor/ParkedSets.svelte';
  import Station from '$lib/ui/floor/Station.svelte';

  let { data } = $props();
  // svelte-ignore state_referenced_locally
  const floor = new FloorState(data);

  const line = $derived(floor.line);
  const view = $derived(line ? data.views[line.exerciseId] : undefined);
  const score = $derived(
    scoreOf(
      data,
      (slot) => data.views[data.lines.find((one) => one.slot === slot)?.exerciseId ?? '']?.family ?? 'mobility',
    ),
  );
  const cursorS = $derived(line ? ((data.ramps[line.slot] ?? data.beats[line.slot]?.[0])?.startS ?? 0) : 0);
  const left = $derived(
    floor.restEndsAt === null ? null : Math.max(0, Math.ceil((floor.restEndsAt - floor.now) / 1000)),
  );
  const partner = $derived(
    line?.group == null
      ? null
      : (data.lines.find((other) => other.group === line.group && other.slot !== line.slot) ?? null),
  );
  const leastDone = $derived(Math.min(...(line?.athletes.map(({ id }) => floor.setsDone(id)) ?? [0])));
  const parts = $derived(line ? setParts(line.dose, leastDone) : []);
  const PART_WORDS = { work: 'on', 'let-go': 'let go', rest: 'rest, then the other side' } as const;
  const setNow = $derived(floor.setNow);
  const partWords = $derived(
    setNow &&
      (setNow.part.kind !== 'work' || setNow.part.side === null
        ? PART_WORDS[setNow.part.kind]
        : setNow.part.side === 1
          ? 'first side'
          : 'other side'),
  );
  const stationWord = $derived(Number.isNaN(Number(floor.stations[0]?.name)) ? 'group' : 'rack');
  let time = $state('');
  /** the panel that is open under the racks */
  let panel = $state<'all' | 'here' | 'close' | null>(null);
  const toggle = (which: NonNullable<typeof panel>): void => {
    panel = panel === which ? null : which;
  };

  const go = (by: number): void => {
    floor.at = Math.min(data.lines.length - 1, Math.max(0, floor.at + by));
    floor.called.clear();
    floor.stopSet();
  };

  onMount(() => {
    void floor.start(data.me);
    const tick = (): void => {
      floor.now = Date.now();
      time = new Date().toTimeString().slice(0, 5);
    };
    tick();
    const timer = setInterval(tick, 250);
    const unbind = bindKeys({ ArrowRight: () => go(1), ArrowLeft: () => go(-1) });
    return () => {
      clearInterval(timer);
      unbind();
      floor.stop();
    };
  });
</script>

<svelte:head><title>Floor · {data.session.title} · Jaleo</title></svelte:head>
<main data-floor>
  {#if line && view}
    <header>
      <div class="clock" role="timer" aria-label={setNow ? 'Set' : 'Rest'}>
        <p class="big" class:over={left === 0 && !setNow} class:work={setNow?.part.kind === 'work'}>
          {setNow
            ? formatClock(Math.ceil(setNow.leftS))
            : left === null
              ? formatClock(line.dose.restSeconds ?? 0)
              : formatClock(left)}
        </p>
        <p>
          {partWords ? `${partWords},` : left === null || left === 0 ? 'ready,' : 'rest, then'} set
          <b>{Math.min(line.dose.sets, leastDone + 1)} of {line.dose.sets}</b>
        </p>
      </div>
      <div class="what">
        <h1><FamilyGlyph family={view.family} size={38} ink /> {view.name}</h1>
        <p class="dose">{formatDose(line.dose, data.massUnit)}</p>
        <p class="in-rest">
          {#if line.note}<b>{line.note}</b>&nbsp;{/if}{#if floor.parts.length > 1}one set: {floor.parts
              .map(({ exerciseId }) => inSentence(data.views[exerciseId]?.name ?? ''))
              .join(', then ')}{:else if partner}in the rest: {inSentence(
              data.views[partner.exerciseId]?.name ?? '',
            )}{:else}{view.cues[0]}{/if}
        </p>
      </div>
      <div class="end">
        <p class="time">{time}</p>
        <p>{data.session.title}</p>
        <p class="state" role="status">
          {floor.outbox.away
            ? `server away, ${String(floor.outbox.waiting)} kept here`
            : floor.outbox.waiting > 0
              ? 'keeping…'
              : floor.outbox.parked.length > 0
                ? `${String(floor.outbox.parked.length)} laid aside`
                : 'all kept'}
        </p>
      </div>
    </header>
    <ScoreStrip beats={score} minutes={data.session.minutes} height={18} {cursorS} />
    <div class="heads"><span>{stationWord}</span><span>now</span><span class="next">next</span></div>
    {#each floor.stations as station, i (`${line.slot} ${station.name}`)}
      <Station {floor} {station} index={i} mass={data.massUnit} mayLog={data.mayLog} />
    {/each}
    {#if floor.outbox.parked.length > 0}<ParkedSets {floor} />{/if}
    {#if panel === 'all'}<AllAsWritten {floor} name={view.name} word={stationWord} />{/if}
    {#if panel === 'here'}<WhoIsHere {floor} />{/if}
    {#if panel === 'close'}<CloseSession {floor} onleave={() => (panel = null)} />{/if}
    <footer>
      {#if parts.length > 0}
        <button onclick={() => (setNow ? floor.stopSet() : floor.runSet(parts))}
          >{setNow ? 'Stop set' : 'Start set'}</button
        >
      {/if}
      <button onclick={() => floor.rest(line.dose.restSeconds ?? 60)}>Start rest</button>
      <button onclick={() => floor.rest((left ?? 0) + 30)}>+ 0:30</button>
      <a href={data.session.back}>Bench</a>
      {#if data.mayLog}
        <button aria-expanded={panel === 'all'} onclick={() => toggle('all')}>All as written</button>
        <button aria-expanded={panel === 'here'} onclick={() => toggle('here')}
          >Who is here{floor.absent.size > 0 ? `, ${String(floor.absent.size)} not` : ''}</button
        >
        <button aria-expanded={panel === 'close'} onclick={() => toggle('close')}
          >{data.session.closed ? 'Closed' : 'Close session'}</button
        >{/if}
      <span class="lines">
        <button onclick={() => go(-1)} disabled={floor.at === 0} aria-label="Line before">←</button>
        <select
          aria-label="Line"
          value={line.slot}
          onchange={(event) => {
            floor.at = data.lines.findIndex((one) => one.slot === event.currentTarget.value);
            floor.called.clear();
            floor.stopSet();
          }}
        >
          {#each data.lines as one (one.slot)}<option value={one.slot}>{data.views[one.exerciseId]?.name}</option
            >{/each}
        </select>
        <button class="main" onclick={() => go(1)} disabled={floor.at === data.lines.length - 1}>Next line →</button>
      </span>
    </footer>
  {:else}
    <p>This card has no lines.</p>
  {/if}
</main>

<style>
  main {
    background: var(--cal);
    color: var(--ink);
    min-height: 100vh;
    padding: 16px 24px;
    display: flex;
    flex-direction: column;
    font-size: 20px;
    line-height: 26px;
  }
  header {
    display: grid;
    grid-template-columns: minmax(220px, 300px) minmax(0, 1fr) auto;
    gap: 28px;
    margin-bottom: 12px;
  }
  .big {
    color: var(--albero);
    font-size: clamp(88px, 15vw, 152px);
    line-height: 0.86;
    font-weight: 720;
    font-stretch: 66%;
    padding-top: 6px;
  }
  .big.over,
  .big.work {
    color: var(--ink);
  }
  .clock p:last-child {
    font-stretch: 90%;
    color: var(--ink-2);
    margin-top: 8px;
  }
  h1 {
    display: flex;
    gap: 12px;
    align-items: center;
    font-size: clamp(30px, 4.4vw, 48px);
    line-height: 1.05;
    font-weight: 700;
    font-stretch: 80%;
  }
  .dose {
    font-size: 28px;
    line-height: 36px;
    font-weight: 640;
    font-stretch: 74%;
  }
  .in-rest,
  .end p,
  .heads {
    color: var(--ink-2);
    font-size: 19px;
    line-height: 26px;
    font-stretch: 84%;
  }
  .end {
    text-align: right;
  }
  .end .time {
    color: var(--ink);
    font-size: 52px;
    line-height: 54px;
    font-weight: 640;
    font-stretch: 70%;
  }
  .heads {
    display: grid;
    grid-template-columns: 84px minmax(0, 1.25fr) minmax(0, 1fr) 136px;
    border-bottom: 2px solid var(--ink);
    padding: 6px 0 2px;
    font-size: 16px;
  }
  .heads .next {
    padding-left: 18px;
  }
  footer {
    margin-top: auto;
    padding-top: 14px;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  footer button,
  footer a,
  footer select {
    min-height: 56px;
    padding: 0 14px;
    border: 2px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    font-size: 19px;
    font-weight: 600;
    font-stretch: 84%;
    text-decoration: none;
    display: inline-flex;
    align-items: center;
    cursor: pointer;
  }
  footer select {
    max-width: 220px;
    padding-right: 4px;
    text-overflow: ellipsis;
  }
  footer .main {
    background: var(--almagre);
    border-color: var(--almagre);
    color: var(--on-almagre);
  }
  footer button:disabled {
    opacity: 0.45;
  }
  .lines {
    margin-left: auto;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  @media (max-width: 760px) {
    main {
      padding: 12px;
    }
    header {
      grid-template-columns: minmax(0, 1fr);
      gap: 8px;
    }
    .heads {
      display: none;
    }
    .end {
      text-align: left;
    }
    .end .time {
      display: none;
    }
  }
</style>
