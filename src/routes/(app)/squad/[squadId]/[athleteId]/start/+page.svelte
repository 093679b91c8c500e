<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button } from 'carbon-components-svelte';
  import type { TierReading } from '$core/startline';
  import { CHANGE_WORDS, longDate } from '$lib/messages';
  import DailyDrills from '$lib/ui/startline/DailyDrills.svelte';
  import PyramidDrawing from '$lib/ui/startline/PyramidDrawing.svelte';
  import { leverWords } from '$lib/ui/startline/reading-words';
  import RecentTraining from '$lib/ui/startline/RecentTraining.svelte';
  import ResultPanel from '$lib/ui/startline/ResultPanel.svelte';
  import WeakMoment from '$lib/ui/startline/WeakMoment.svelte';
  import TestsTable from '$lib/ui/startline/TestsTable.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();

  const specs = $derived(new Map(data.specs.map((spec) => [spec.id, spec])));
  const short = (id: string): string => specs.get(id)?.short ?? id;
  const reading = $derived(data.reading);
  const system = $derived(data.massUnit === 'lb' ? ('imperial' as const) : ('metric' as const));
  const tierSaid = ({ state, failed, missing, passed }: TierReading): string =>
    state === 'failed'
      ? failed.map(short).join(', ')
      : state === 'unknown'
        ? passed.length === 0
          ? 'not tested'
          : `missing ${missing.map(short).join(', ')}`
        : `${String(passed.length)} of ${String(passed.length)}`;
  const limits = $derived.by(() => {
    const above = ['range', 'control', 'force', 'skill'];
    const at = above.indexOf(reading.limiting ?? '');
    if (at < 0)
      return reading.preliminary
        ? 'No tier fails of those known; what is missing is unknown, not passed.'
        : 'Every tier passes: no tier limits, the levers count.';
    const rest = above.slice(at + 1);
    return `${(above[at] ?? '').replace(/^./, (c) => c.toUpperCase())} limits. It gets the focus${
      rest.length > 0 ? `, ${rest.join(' and ')} run at maintenance` : ''
    }.`;
  });
  const LEFT_OUT = {
    eur: 'CMJ ÷ SJ (one of the two is missing)',
    rsi: 'RSI (ten squad mates of the same sex are needed)',
    squat: 'squat strength',
  } as const;
</script>

<svelte:head><title>{data.athlete.name} · Start line · Jaleo</title></svelte:head>

<div class="page">
  <header>
    <h1>{data.athlete.name}</h1>
    <p class="note">
      {[data.athlete.role, data.athlete.liftLevel].filter(Boolean).join(' · ')}{#if reading.jumper}
        · {reading.jumper.kind === 'even' ? 'jumps alike from one foot and two' : `${reading.jumper.kind} jumper`}
        <span class="rule-id">START-6</span>{/if}
    </p>
    <nav>
      <a class="quiet" href="/squad/{data.squad.id}/{data.athlete.id}">Facts, loads and history</a>
      <a class="quiet" href="/start/{data.squad.id}/screens/{data.athlete.id}">Screens with drawings</a>
      <a class="quiet" href="/library/ladders?squad={data.squad.id}&athlete={data.athlete.id}"
        >From the goal backwards</a
      >
    </nav>
  </header>

  <section class="stand">
    <h2>Pyramid</h2>
    <p>{limits} <span class="rule-id">START-1</span></p>
    <PyramidDrawing tiers={reading.tiers} limiting={reading.limiting} said={tierSaid} />
    {#if reading.rangeShort}
      <p>
        Short at the <b
          >{reading.rangeShort === 'posterior' ? 'back of the legs' : reading.rangeShort.replace('-', ' ')}</b
        >{reading.rangeShort === 'ankle' ? ' (or the upper body): the hips are fine' : ''}.
      </p>
    {/if}
    <h2>Chain <span class="rule-id">START-9</span></h2>
    <ul class="chain">
      {#each [...data.chain].reverse() as link (link.link)}
        <li>
          <b>{link.link}</b>
          <span class:warn-text={link.failed.length > 0}
            >{link.failed.length > 0
              ? `not passed: ${link.failed.map(short).join(', ')}`
              : link.tested.length > 0
                ? `tested: ${link.tested.map(short).join(', ')}`
                : 'not tested'}</span
          >
          <span class:warn-text={link.trainedDays === 0}
            >{link.trainedDays > 0 ? `trained ${link.trainedDays} of 28 days` : 'not trained in 28 days'}</span
          >
        </li>
      {/each}
    </ul>
    {#if data.complaints.some(({ place }) => place === 'knee')}
      <p class="note">A knee complaint reads ankle and hip first.</p>
    {/if}
  </section>

  <section class="tests">
    <h2>Tests</h2>
    {#if data.lines.length === 0}
      <p class="note">
        Nothing tested yet. Everything is unknown: foundation doses, bottom of each range, and the cheapest test first.
        <span class="rule-id">START-2</span>
      </p>
    {:else}
      <TestsTable lines={data.lines} {specs} {system} />
    {/if}

    <RecentTraining
      audit={data.audit}
      work={data.work}
      typed={data.typedWork}
      exercises={data.exercises}
      editable={data.may.plan}
      message={form?.form === 'work' ? (form.message ?? null) : null}
    />
    <ResultPanel
      check={data.resultCheck}
      ceilings={data.ceilings}
      atCeiling={data.atCeiling}
      {specs}
      {system}
      squadId={data.squad.id}
      editable={data.may.plan}
      trouble={form?.form === 'ceiling' && form.message !== undefined ? form : null}
    />
  </section>

  <aside>
    <h2>{reading.limiting ? 'Focus' : 'Next lever'}</h2>
    {#if data.proposed}
      <p>
        {#if reading.lever?.lever}{leverWords({ ...reading, outcomes: new Map() })}
          <span class="rule-id">START-7</span>
          {#if reading.lever.leftOut.length > 0}<span class="note">
              Not judged: {reading.lever.leftOut.map((part) => LEFT_OUT[part]).join(', ')}.</span
            >{/if}
        {:else}<b>{data.proposed.name}</b>{/if}
      </p>
    {:else}<p class="note">Nothing to propose yet: test first.</p>{/if}
    {#if reading.controlRung !== null && data.control}
      <p>
        {data.control.name}: rung <b>{reading.controlRung}, {data.control.rungs[reading.controlRung - 1]?.name}</b>
        <span class="rule-id">START-3</span>
      </p>
    {/if}
    {#if data.focus}<p>Set: <b>{data.focus.name}</b> since {longDate(data.focus.since)}.</p>{/if}
    {#if data.may.plan}
      <form method="post" action="?/focus" use:enhance={keep}>
        <CommandId of="focus" shows={{ focus: data.focus?.id ?? '' }} />
        {#if data.proposed && data.proposed.id !== data.focus?.id}
          <Button type="submit" size="small" name="focus" value={data.proposed.id}
            >Set focus: {data.proposed.name}</Button
          >
        {/if}
        {#if data.focus}<QuietButton name="focus" value="">End the focus</QuietButton>{/if}
      </form>
    {/if}
    {#if reading.changes.length > 0}
      <h2>What the next card does</h2>
      <ol>
        {#each reading.changes as change (change)}<li>{CHANGE_WORDS[change]}</li>{/each}
      </ol>
    {/if}
    {#if data.drills.length > 0}<DailyDrills
        drills={data.drills}
        rescreen={data.rescreen}
        isSet={data.focus !== null}
      />{/if}
    <WeakMoment
      moment={data.moment}
      moments={data.moments}
      editable={data.may.plan}
      message={form?.form === 'moment' ? (form.message ?? null) : null}
    />
    <h2>Test next</h2>
    {#if reading.next.length === 0}<p class="note">Nothing would change a decision now.</p>{/if}
    <ul>
      {#each reading.next.slice(0, 3) as next, i (next.test)}<li>
          {#if i === 0}<b>{specs.get(next.test)?.name}</b>{:else}{specs.get(next.test)?.name}{/if}
          <span class="note">would settle {next.decides}, {next.minutes} min</span>
        </li>{/each}
    </ul>
    {#if data.complaints.length > 0}
      <h2>Complaints</h2>
      <ul>
        {#each data.complaints as one (`${one.place} ${one.side}`)}<li>
            {one.side && one.side !== 'both' ? `${one.side} ` : ''}{one.place}, {one.score} of 10
            <span class="rule-id">SAFE-8</span>
          </li>{/each}
      </ul>
    {/if}
  </aside>
</div>

<style>
  .page {
    display: grid;
    grid-template-columns: 284px minmax(0, 1fr) 290px;
    grid-template-rows: auto 1fr;
    min-height: calc(100vh - 62px);
  }
  header {
    grid-column: 1 / -1;
    display: flex;
    gap: 6px 16px;
    align-items: baseline;
    flex-wrap: wrap;
    padding: 14px 16px 8px;
    border-bottom: var(--rule);
  }
  nav {
    margin-left: auto;
    display: flex;
    gap: 16px;
    flex-wrap: wrap;
  }
  section,
  aside {
    padding: 14px 16px 32px;
    display: grid;
    gap: 10px;
    align-content: start;
    min-width: 0;
  }
  .stand {
    border-right: var(--rule);
  }
  aside {
    border-left: var(--rule);
  }
  .chain {
    display: grid;
    gap: 8px;
  }
  .chain li {
    display: grid;
    border-left: 3px solid var(--ink);
    padding-left: 10px;
    font-size: 12.5px;
    line-height: 16px;
    font-stretch: 88%;
  }
  .chain b {
    font-size: 14px;
  }
  ol {
    list-style: decimal;
    padding-left: 18px;
  }
  aside form {
    display: flex;
    gap: 12px;
    align-items: center;
    flex-wrap: wrap;
  }
  @media (max-width: 1000px) {
    .page {
      grid-template-columns: minmax(0, 1fr);
    }
    .stand,
    aside {
      border: 0;
      border-bottom: var(--rule);
    }
  }
</style>
