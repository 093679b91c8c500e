<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { FAMILY_WORDS, listWords } from '$lib/messages';
  import Figure from '$lib/ui/figures/Figure.svelte';
  import { FAMILY_HUE } from '$lib/ui/glyphs/family-glyph';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();
  const SQUARES = ['□□□', '■□□', '■■□', '■■■'];
  const e = $derived(data.exercise);
  const rungs = $derived(
    (data.ladder?.rungs ?? []).map((text: string, i: number) => ({ text, number: i + 1 })).reverse(),
  );
  const percent = (share: number): string => `${String(Math.round(share * 100))} %`;
  const range = ([low, high]: readonly [number, number]): string =>
    low === high ? String(low) : `${String(low)}–${String(high)}`;
  const facts = $derived([
    ['Needs', data.kit],
    ['Dosed in', `${e.doseUnit}${e.per ? ` a ${e.per}` : ''}`],
    ['Stance', e.stance],
    ['Plane', e.plane],
    ['Opens with', data.gates.join('; ') || 'nothing'],
    ['Soreness next day', data.soreness],
    ['Spares', data.spares.join(', ') || '—'],
    ['A group on a whistle', e.groupable ? `yes: “${e.call.ready}… ${e.call.go}!”` : 'no'],
    ...(e.partner ? [['Partner', e.partner]] : []),
    ...(e.spotter === 'none' ? [] : [['Safety', e.spotter === 'pins' ? 'pins' : 'pins or spotters']]),
    ...(e.plyo
      ? [
          ['Tier', e.plyo.tier],
          [
            'Contacts',
            e.plyo.cadencePerSecond
              ? `${String(e.plyo.cadencePerSecond)} a second`
              : `${String(e.plyo.contactsPerRep)} a rep`,
          ],
          ['Done for', e.plyo.intent.replace('-', ' ')],
        ]
      : []),
  ] as [string, string][]);
</script>

<svelte:head><title>{e.name} · Library · Jaleo</title></svelte:head>

<article>
  <header>
    <p class="note"><a href="/library">Library</a> · {FAMILY_WORDS[e.family]}</p>
    <div class="title">
      <FamilyGlyph family={e.family} size={30} />
      <h1>{e.name}</h1>
      {#if data.own}<b class="own">{data.own.isNew ? 'the club’s own' : 'changed by the club'}</b>{/if}
    </div>
    {#if data.stands.length > 0}<p class="note">On a card it may stand as {listWords(data.stands)}.</p>{/if}
    {#if e.aliases.length > 0}<p class="note">Also: {e.aliases.join(', ')}</p>{/if}
  </header>
  <section class="drawing" aria-label="Drawing">
    {#if data.figure}
      <Figure
        figure={data.figure}
        work={data.work}
        hue={FAMILY_HUE[e.family]}
        height={250}
        captions
        label="{e.name}: {data.figure.positions.map(({ name }) => name).join(', ')}"
      />
      <div class="mover" aria-hidden="true">
        <Figure figure={data.figure} work={data.work} hue={FAMILY_HUE[e.family]} height={120} moves label="" />
      </div>
    {:else}
      <p class="note">Not drawn yet: the drawing comes with an imported entry that carries its figure.</p>
    {/if}
  </section>
  <section class="words">
    <h2>Cues</h2>
    <ol>
      {#each e.cues as cue (cue)}<li>{cue}</li>{/each}
    </ol>
    <h2>Seen → say</h2>
    <ul>
      {#each e.faults as { seen, say, screen } (seen)}
        <li>
          <b>{seen}</b> → {say}{#if screen}{' '}<span class="note">look at {screen}</span>{/if}
        </li>
      {/each}
    </ul>
    <h2>Cautions</h2>
    <ul>
      {#each e.cautions as caution (caution)}<li>{caution}</li>{/each}
      <li><b>Stop at</b> {e.stopSigns.join(', ')}.</li>
    </ul>
  </section>
  <section class="work">
    <h2>How its work divides</h2>
    {#if data.school}
      <p class="note">
        Hamstrings and glutes as the {data.school} school reads them.
        <a href="/settings#rdlShares">Where coaches disagree</a>
      </p>
    {/if}
    <dl class="bars">
      {#each data.shares as { muscle, share } (muscle)}
        <dt>{muscle}</dt>
        <dd><span style:width="{share * 100}%"></span><b>{percent(share)}</b></dd>
      {/each}
    </dl>
    {#if e.dominance}
      <h2>Knee : hip</h2>
      <div class="knee-hip" role="img" aria-label="Knee {percent(e.dominance.knee)}, hip {percent(e.dominance.hip)}">
        <span style:width="{e.dominance.knee * 100}%">knee {percent(e.dominance.knee)}</span>
        <span>hip {percent(e.dominance.hip)}</span>
      </div>
    {/if}
    <h2>What it trains</h2>
    <ul class="demands">
      {#each data.demands as { demand, points } (demand)}
        <li>
          <span>{demand}</span><span aria-label="{points} of 3">{SQUARES[points]}</span>
        </li>
      {/each}
    </ul>
  </section>
  <section class="facts">
    <dl>
      {#each facts as [name, value] (name)}<dt>{name}</dt>
        <dd>{value}</dd>{/each}
    </dl>
    {#if data.ladder}
      <h2><a href="/library/ladders?ladder={data.ladder.id}">{data.ladder.name}</a></h2>
      <ol class="ladder" reversed>
        {#each rungs as { text, number } (number)}
          <li class:here={number === data.ladder.rung} aria-current={number === data.ladder.rung ? 'true' : undefined}>
            {text}
          </li>
        {/each}
      </ol>
    {/if}
    <h2>Dosed as</h2>
    <ul>
      {#each data.doses as { id, name, sets, amount } (id)}
        <li>{range(sets)} × {range(amount)} <span class="note">{name}, {id}</span></li>
      {/each}
    </ul>
    <h2>Where it is used</h2>
    <p class="note">
      {data.used.length === 0
        ? 'On no card in the last eight weeks.'
        : data.used
            .map(({ squad, times }) => `${squad}: ${String(times)} ${times === 1 ? 'card' : 'cards'}`)
            .join(' · ')}
    </p>
  </section>
  <section class="swaps">
    <h2>What could replace it</h2>
    <ul>
      {#each data.swaps as swap (swap.id)}
        <li>
          <a href="/library/{swap.id}"><FamilyGlyph family={swap.family} size={18} /><b>{swap.name}</b></a>
          <span class="note">{swap.why} · needs {swap.kit}</span>
        </li>
      {/each}
    </ul>
    {#if data.may.plan}
      <p class="acts">
        <a href="/library/{e.id}/edit">Change it for this club</a>
        <a href="/library/{e.id}/edit?new=1">Write a new one from it</a>
      </p>
      {#if data.own}
        <form method="post" action="?/putBack" use:enhance>
          <CommandId of="putBack" />
          <QuietButton>{data.own.isNew ? 'Remove it' : 'Put the built-in one back'}</QuietButton>
          {#if data.own.changed.length > 0}<span class="note">changed: {data.own.changed.join(', ')}</span>{/if}
        </form>
      {/if}
      {#if form?.message}<p role="status">{form.message}</p>{/if}
    {/if}
  </section>
</article>

<style>
  article {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr) minmax(0, 0.9fr);
    gap: 20px 32px;
    padding: 14px 24px 48px;
  }
  header,
  .drawing {
    grid-column: 1 / 3;
  }
  .facts {
    grid-column: 3;
    grid-row: 1 / 4;
    border-left: var(--rule);
    padding-left: 24px;
  }
  .swaps {
    grid-column: 1 / 3;
  }
  .title {
    display: flex;
    gap: 10px;
    align-items: center;
  }
  .own {
    border: 1px solid var(--ink);
    font-size: 12px;
    padding: 1px 6px;
  }
  .drawing {
    border-top: 2px solid var(--ink);
    border-bottom: var(--rule);
    padding: 16px 0 12px;
    display: flex;
    justify-content: space-between;
    align-items: end;
    gap: 24px;
    overflow-x: auto;
  }
  h2 {
    font-size: 13px;
    line-height: 18px;
    font-weight: 620;
    font-stretch: 108%;
    margin: 14px 0 4px;
  }
  section > h2:first-child {
    margin-top: 0;
  }
  ol,
  .words ul {
    padding-left: 0;
  }
  .words ol li {
    counter-increment: cue;
    font-size: 15.5px;
    line-height: 24px;
  }
  .bars,
  .facts dl {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 3px 12px;
  }
  .bars dd {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  .bars span {
    height: 10px;
    background: var(--ink);
    min-width: 2px;
  }
  .bars b,
  .knee-hip {
    font-stretch: 80%;
    font-variant-numeric: tabular-nums;
    font-weight: 560;
  }
  .knee-hip {
    display: flex;
    border: 1px solid var(--ink);
    height: 26px;
    font-size: 12.5px;
    line-height: 24px;
  }
  .knee-hip span {
    padding: 0 8px;
    white-space: nowrap;
    overflow: hidden;
  }
  .knee-hip span:first-child {
    border-right: 2px solid var(--ink);
    background: var(--cal-2);
  }
  .demands li {
    display: flex;
    justify-content: space-between;
    max-width: 260px;
  }
  dt {
    color: var(--ink-2);
  }
  .ladder {
    list-style: none;
    border-left: 2px solid var(--ink);
    padding-left: 10px;
  }
  .ladder .here {
    font-weight: 680;
    background: var(--cal-2);
    margin-left: -10px;
    padding-left: 10px;
  }
  .swaps li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 12px;
    border-bottom: var(--rule);
    padding: 5px 0;
  }
  .swaps li a {
    display: flex;
    gap: 8px;
    align-items: center;
    text-decoration: none;
  }
  .acts {
    display: flex;
    gap: 24px;
    margin-top: 14px;
  }
  @media (max-width: 1000px) {
    article {
      grid-template-columns: minmax(0, 1fr);
    }
    header,
    .drawing,
    .swaps,
    .facts {
      grid-column: 1;
      grid-row: auto;
    }
    .facts {
      border-left: 0;
      padding-left: 0;
    }
  }
</style>
