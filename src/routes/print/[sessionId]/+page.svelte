<script lang="ts">
  import { page } from '$app/state';
  import { BLOCK_WORDS } from '$lib/messages';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import ScoreStrip from '$lib/ui/parts/ScoreStrip.svelte';

  let { data } = $props();
  /** getting warm is one block: said in one row */
  const prep = $derived(data.lines.filter(({ block }) => block === 'prep'));
  const lines = $derived(data.lines.filter(({ block }) => block !== 'prep'));

  /** Height of an A4 page on its side inside the margins, at 96 dots an inch. */
  const PAGE_PX = 700;

  /** One page whatever the squad: the card is drawn smaller rather than cut. */
  function fitPage(node: HTMLElement): void {
    node.style.width = '1056px';
    for (let scale = 1; scale >= 0.5 && node.getBoundingClientRect().height > PAGE_PX; scale -= 0.04)
      node.style.zoom = String(scale);
  }
</script>

<svelte:head><title>{data.title}, {data.day}</title></svelte:head>
<main {@attach fitPage}>
  <header>
    <h1>{data.title}, {data.day}</h1>
    <p>{data.words}{data.tag ? ` · ${data.tag}` : ''} · {data.minutes} min · {data.contacts.raw} contacts</p>
    <a class="quiet" href="{page.url.pathname}/each">A page each</a>
    <button class="quiet" onclick={() => window.print()}>Print</button>
  </header>
  <table class="lines">
    <tbody>
      {#if prep.length > 0}
        <tr class="first">
          <th scope="row">{BLOCK_WORDS.prep}</th>
          <td class="glyph"></td>
          <td class="warm" colspan="4"
            >{#each prep as line, i (line.slot)}{i > 0 ? ' · ' : ''}<b>{line.name}</b> {line.dose}{/each}</td
          >
        </tr>
      {/if}
      {#each lines as line, i (line.slot)}
        <tr
          class:first={lines[i - 1]?.block !== line.block}
          class:paired={line.group !== null && lines[i - 1]?.group === line.group}
        >
          <th scope="row">{lines[i - 1]?.block === line.block ? '' : BLOCK_WORDS[line.block]}</th>
          <td class="glyph"><FamilyGlyph family={line.family} size={18} ink /></td>
          <td class="name"
            ><b>{line.name}</b>{line.group ? ` · ${line.group}${line.complex ? ', straight on' : ''}` : ''}</td
          >
          <td class="dose">{line.dose}</td>
          <td class="cues"
            >{#if line.note}<b>{line.note}</b>
            {/if}{#if line.call}<b>“{line.call.ready}” … “{line.call.go}”</b>
            {/if}{line.cues}{line.pins ? ' Pins set.' : ''}{line.partner ? ` Partner ${line.partner}.` : ''}</td
          >
          <td class="score"><ScoreStrip beats={line.beats} minutes={data.totalMinutes} height={9} hue={false} /></td>
        </tr>
      {/each}
    </tbody>
  </table>
  {#if data.columns.length > 0}
    <table class="athletes">
      <thead
        ><tr
          ><th scope="col">Athlete</th>{#each data.columns as { slot, name } (slot)}<th scope="col">{name}</th
            >{/each}</tr
        ></thead
      >
      <tbody>
        {#each data.athletes as { name, cells } (name)}<tr
            ><th scope="row">{name}</th>{#each cells as cell, i (data.columns[i]?.slot)}<td>{cell}</td>{/each}</tr
          >{/each}
      </tbody>
    </table>
  {/if}
  <footer>
    Stop at sharp or rising pain and say so. A licensed clinician decides on injury and illness. {data.clubName} · Jaleo
  </footer>
</main>

<style>
  :global(html[data-theme]) {
    background: #fff;
  }
  main {
    --ink: #000;
    --ink-2: #222;
    --cal: #fff;
    background: #fff;
    color: #000;
    max-width: 1060px;
    margin: 0 auto;
    padding: 20px;
    font-size: 11.5px;
    line-height: 14px;
    font-stretch: 86%;
  }
  header {
    display: flex;
    gap: 20px;
    align-items: baseline;
    border-bottom: 2px solid #000;
    padding-bottom: 6px;
  }
  h1 {
    font-size: 20px;
    line-height: 24px;
  }
  header a.quiet {
    margin-left: auto;
  }
  header .quiet {
    color: #000;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-weight: 620;
  }
  .lines td,
  .lines th {
    padding: 2px 8px 2px 0;
    border-top: 1px solid #ccc;
    height: 21px;
  }
  .lines tr.first td,
  .lines tr.first th {
    border-top: 1px solid #000;
  }
  .glyph {
    width: 22px;
  }
  .name {
    white-space: nowrap;
  }
  .dose {
    white-space: nowrap;
    font-stretch: 76%;
    font-size: 12.5px;
  }
  .cues {
    font-stretch: 80%;
    color: #222;
  }
  .score {
    width: 170px;
  }
  .athletes {
    margin-top: 10px;
    border-top: 2px solid #000;
    font-stretch: 76%;
  }
  .athletes tbody th {
    white-space: nowrap;
  }
  .athletes th,
  .athletes td {
    padding: 1px 7px 1px 0;
    border-bottom: 1px solid #ccc;
    height: 17px;
    vertical-align: top;
  }
  footer {
    margin-top: 8px;
    font-size: 10.5px;
    color: #222;
  }
  @page {
    size: A4 landscape;
    margin: 9mm;
  }
  @media print {
    main {
      padding: 0;
      max-width: none;
    }
    header .quiet {
      display: none;
    }
  }
</style>
