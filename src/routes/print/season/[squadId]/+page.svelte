<script lang="ts">
  import { longDate } from '$lib/messages';
  let { data } = $props();
  const { week } = $derived(data);

  /** An A4 page inside its margins, at 96 dots an inch: a week lies on its side, a year stands. */
  const [width, height] = $derived(week ? [1056, 700] : [720, 1030]);

  /** One page whatever the season: it is drawn smaller rather than cut. */
  function fitPage(node: HTMLElement): void {
    node.style.width = `${String(width)}px`;
    for (let scale = 1; scale >= 0.5 && node.getBoundingClientRect().height > height; scale -= 0.04)
      node.style.zoom = String(scale);
  }
</script>

<svelte:head><title>{data.title}{week ? `, week ${String(week.number)}` : ''}</title></svelte:head>
<main class={week ? 'lying' : 'standing'} {@attach fitPage}>
  <header>
    <h1>{data.title}{week ? `, week ${String(week.number)}` : ''}</h1>
    <p>
      {week ? `from ${longDate(week.from)} · ${week.phase}${week.block ? ` · block ${week.block}` : ''}` : data.dates}
    </p>
    <button class="quiet" onclick={() => window.print()}>Print</button>
  </header>
  {#if week}
    <p>
      <b>{week.sets}</b> hard sets · <b>{week.contacts}</b> contacts{week.intensity
        ? ` · ${week.intensity} of e1RM`
        : ''}
    </p>
    <table class="week">
      <thead
        ><tr
          >{#each week.days as { day, words, tag } (day)}<th scope="col">{words}{tag ? ` · ${tag}` : ''}</th>{/each}</tr
        ></thead
      >
      <tbody
        ><tr
          >{#each week.days as { day, events, session, practices, allows } (day)}<td>
              {#each events as { name, kind }, i (i)}<p><b>{name}</b>, {kind}</p>{/each}
              {#if session}<p>
                  <b>{session.start} {session.role ?? session.kind}</b>, {session.minutes} min{#each session.mains as main, i (i)}<br
                    />{main.lead}-led {main.sets} × {main.reps}{main.rir === null
                      ? ''
                      : `, RIR ${String(main.rir)}`}{main.percent === null
                      ? ''
                      : `, ${String(Math.round(main.percent * 100))} %`}{/each}<br />{session.contacts} contacts
                </p>{/if}
              {#each practices.filter(({ off }) => !off) as { id, start, minutes } (id)}<p>
                  {start} practice, {minutes} min
                </p>{/each}
              <p class="allows">{allows}</p>
            </td>{/each}</tr
        ></tbody
      >
    </table>
    {#each week.notes as { code, words } (code)}<p>{words}</p>{/each}
  {:else}
    <table>
      <thead
        ><tr
          >{#each ['Week', 'Days', 'Phase', 'Block', 'Sessions', 'First main', 'Hard sets', 'Contacts', '%', 'Events'] as name (name)}<th
              scope="col">{name}</th
            >{/each}</tr
        ></thead
      >
      <tbody>
        {#each data.weeks as one (one.number)}
          <tr
            ><th scope="row">{one.number}</th><td>{one.days}</td><td>{one.phase}</td><td>{one.block}</td><td
              >{one.sessions}</td
            ><td>{one.mains}</td><td class="n">{one.sets || ''}</td><td class="n">{one.contacts || ''}</td><td class="n"
              >{one.intensity}</td
            ><td><b>{one.events}</b></td></tr
          >
        {/each}
      </tbody>
    </table>
  {/if}
  <footer>
    Planned, and changed as events and answers change it. A licensed clinician decides on injury and illness. {data.clubName}
    · Jaleo
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
    margin-bottom: 8px;
  }
  h1 {
    font-size: 20px;
    line-height: 24px;
  }
  header .quiet {
    color: #000;
    margin-left: auto;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-weight: 620;
  }
  td,
  th {
    padding: 2px 8px 2px 0;
    border-top: 1px solid #ccc;
    vertical-align: top;
  }
  .n {
    text-align: right;
  }
  .week {
    table-layout: fixed;
    margin: 8px 0;
  }
  .week p {
    margin-bottom: 6px;
  }
  .allows,
  footer {
    color: #444;
  }
  footer {
    margin-top: 10px;
  }
  @media print {
    header .quiet {
      display: none;
    }
    main {
      padding: 0;
    }
  }
  .standing {
    page: standing;
    font-stretch: 76%;
  }
  .lying {
    page: lying;
  }
  @page standing {
    size: A4 portrait;
    margin: 10mm;
  }
  @page lying {
    size: A4 landscape;
    margin: 12mm;
  }
</style>
