<script lang="ts">
  import { firstSideWords } from '$lib/messages';
  import { BLOCK_WORDS } from '$lib/messages';
  import { ownValue } from '$core/own';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.title}, {data.day}, a page each</title></svelte:head>
<main>
  <p class="tools"><button class="quiet" onclick={() => window.print()}>Print {data.people.length} pages</button></p>
  {#each data.people as { name, lines } (name)}
    {@const prep = lines.filter(({ block }) => block === 'prep')}
    {@const work = lines.filter(({ block }) => block !== 'prep')}
    <section>
      <header>
        <h1>{name}</h1>
        <p>{data.title}, {data.day} · {data.words}{data.tag ? ` · ${data.tag}` : ''}</p>
      </header>
      {#if prep.length > 0}
        <p class="warm">
          <b>{BLOCK_WORDS.prep}</b>
          {#each prep as line, i (line.slot)}{i > 0 ? ' · ' : ''}{line.name} {line.dose}{/each}
        </p>
      {/if}
      <table>
        <tbody>
          {#each work as line, i (line.slot)}
            <tr class:first={work[i - 1]?.block !== line.block}>
              <th scope="row"
                >{work[i - 1]?.block === line.block ? '' : (ownValue(BLOCK_WORDS, line.block) ?? line.block)}</th
              >
              <td class="glyph"><FamilyGlyph family={line.family} size={18} ink /></td>
              <td>
                <b>{line.name}</b>
                <p class="dose">
                  {line.dose}{line.ramp ? ` · first ${line.ramp}` : ''}{line.first
                    ? ` · ${firstSideWords(line.first).replace(/\.$/, '').toLowerCase()}`
                    : ''}
                </p>
                <p class="cue">
                  {#if line.note}<b>{line.note}</b>&nbsp;{/if}{line.cues[0] ?? ''}
                </p>
              </td>
              <td class="boxes" aria-label="Room for {line.sets} sets"
                >{#each { length: Math.min(line.sets, 6) }, set (set)}<i></i>{/each}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <footer>
        Stop at sharp or rising pain and say so. A licensed clinician decides on injury and illness. {data.clubName} · Jaleo
      </footer>
    </section>
  {/each}
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
    max-width: 720px;
    margin: 0 auto;
    padding: 20px;
    font-size: 12.5px;
    line-height: 16px;
    font-stretch: 88%;
  }
  .tools .quiet {
    color: #000;
  }
  section {
    break-after: page;
    padding-bottom: 24px;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 4px 20px;
    align-items: baseline;
    border-bottom: 2px solid #000;
    padding-bottom: 6px;
  }
  h1 {
    font-size: 20px;
    line-height: 24px;
  }
  .warm {
    padding: 6px 0;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-weight: 620;
    width: 76px;
    vertical-align: top;
  }
  td,
  th {
    border-top: 1px solid #ccc;
    padding: 5px 8px 5px 0;
    vertical-align: top;
  }
  tr.first td,
  tr.first th {
    border-top-color: #000;
  }
  .glyph {
    width: 26px;
  }
  .dose {
    font-size: 13.5px;
  }
  .cue {
    color: #222;
    font-size: 11.5px;
  }
  .boxes {
    white-space: nowrap;
    width: 1%;
  }
  .boxes i {
    display: inline-block;
    width: 44px;
    height: 26px;
    border: 1px solid #000;
    margin-left: -1px;
  }
  footer {
    margin-top: 8px;
    font-size: 10.5px;
    color: #222;
  }
  @page {
    size: A4 portrait;
    margin: 12mm;
  }
  @media print {
    main {
      padding: 0;
      max-width: none;
    }
    .tools {
      display: none;
    }
    section:last-child {
      break-after: auto;
    }
  }
</style>
