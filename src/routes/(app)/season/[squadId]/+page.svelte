<script lang="ts">
  import type { ComponentProps } from 'svelte';
  import { longDate } from '$lib/messages';
  import CopySeason from '$lib/ui/season/CopySeason.svelte';
  import Fixtures from '$lib/ui/season/Fixtures.svelte';
  import Note from '$lib/ui/season/Note.svelte';
  import SeasonChart from '$lib/ui/season/SeasonChart.svelte';
  import SeasonDates from '$lib/ui/season/SeasonDates.svelte';
  import SeasonStrip from '$lib/ui/season/SeasonStrip.svelte';
  import Steps from '$lib/ui/season/Steps.svelte';
  import TakeOut from '$lib/ui/season/TakeOut.svelte';
  import WeekApart from '$lib/ui/season/WeekApart.svelte';
  import WeekChanges from '$lib/ui/season/WeekChanges.svelte';
  import WeekDays from '$lib/ui/season/WeekDays.svelte';

  let { data, form } = $props();
  const { squad, season, weeks, shown } = $derived(data);
  const week = $derived(weeks.find(({ number }) => number === shown?.number));
  const trouble = (name: string) => (form?.form === name && Object.keys(form.errors).length > 0 ? form : null);
  /** Where not all weeks fit, the one that is shown is in sight. */
  function showWeek(strip: HTMLElement): void {
    const at = strip.querySelector<HTMLElement>('[aria-current]');
    if (at)
      strip.scrollLeft += at.getBoundingClientRect().left - strip.getBoundingClientRect().left - strip.clientWidth / 2;
  }
  const matches = $derived(data.events.filter(({ kind }) => kind !== 'friendly').length);
</script>

<svelte:head><title>Season, {squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <div class="season">
    <header>
      <h1>Season</h1>
      {#if season}<span class="note">{longDate(season.start)} – {longDate(season.end)}</span>
        <span><b>{weeks.length}</b> weeks</span>
        <span><b>{matches}</b> events, <b>{data.events.length - matches}</b> friendlies</span>
        <a class="quiet school" href="/season/{squad.id}/compare">Two plans</a>
        <a class="quiet" href="/settings?squad={squad.id}">Schools: {data.loading}</a>
      {/if}
    </header>
    {#each data.trouble as said (said)}<p class="warn-text">{said}</p>{/each}
    {#if !season}
      <p class="empty">
        No season yet. Say when it starts and ends: phases, blocks, lighter weeks, test weeks and what each session is
        for follow from the events and the gym days, and change as those do.
      </p>
    {:else if weeks.length > 0}
      {#if squad.gymDays === 0}<p class="warn-text">No gym days yet: set them on the squad's page.</p>{/if}
      {#if data.plans}<Steps step={data.step} redo={data.redo} {trouble} />{/if}
      <div class="over-time" style="--weeks: {weeks.length}" {@attach showWeek}>
        <SeasonStrip
          {weeks}
          shown={shown?.number ?? null}
          now={data.now}
          today={data.today}
          href="/season/{squad.id}"
          editable={data.plans}
          {trouble}
        />
        <SeasonChart {weeks} shown={shown?.number ?? null} />
      </div>
      {#if shown && week}
        <section class="week" aria-label="Week {shown.number}">
          <header>
            <h2>Week {shown.number}</h2>
            <span
              >{week.closed ? 'gym closed' : week.phaseName}{week.block === null
                ? ''
                : `, block ${String(week.block)}, week ${String(week.week)} of ${String(week.of)}${week.kind === 'loading' ? '' : `, ${week.kind}`}`}</span
            >
            {#if !week.closed}<span
                ><b>{week.sets}</b> hard sets{week.band
                  ? ` of ${String(week.band[0])}–${String(week.band[1])}`
                  : ''}</span
              >
              <span><b>{week.contacts}</b> contacts</span>{/if}
            {#if week.test}<a href="/start/{squad.id}/{shown.days[0]?.day}">Test week: choose the tests</a>{/if}
          </header>
          {#each shown.notes as note (note.code)}<Note
              {note}
              week={week.start}
              href="/season/{squad.id}"
              editable={data.plans}
            />{/each}
          <WeekDays days={shown.days} squadId={squad.id} editable={data.plans} {trouble} />
          {#if shown.apart.length > 0}<WeekApart apart={shown.apart} squadId={squad.id} />{/if}
          {#if data.plans}<WeekChanges {week} {weeks} {trouble} />{/if}
        </section>
      {/if}
    {/if}
  </div>
  <aside aria-label="What the season is made from">
    <SeasonDates {season} proposed={data.proposed} editable={data.plans} {trouble} />
    {#if data.plans && !season}<CopySeason others={data.others} start={data.proposed.start} {trouble} />{/if}
    {#if season}<TakeOut
        href="/season/{squad.id}"
        editable={data.plans}
        linked={data.linked}
        week={shown?.number ?? null}
        closing={data.closing}
        {trouble}
        address={form && 'address' in form ? String(form.address) : null}
      />{/if}
    <Fixtures
      href="/season/{squad.id}"
      events={data.events}
      outside={data.outside}
      today={shown?.days[0]?.day ?? data.proposed.start}
      editable={data.plans}
      hasSeason={season !== null}
      {trouble}
      taken={form && 'taken' in form ? (form.taken as ComponentProps<typeof Fixtures>['taken']) : null}
    />
  </aside>
</div>

<style>
  /* the weeks and what is drawn under them move together */
  .over-time {
    display: grid;
    gap: 12px;
    overflow-x: auto;
  }
  .over-time > :global(*) {
    min-width: calc(76px + var(--weeks) * 16px);
  }
  .page {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 300px;
    min-height: calc(100vh - 62px);
  }
  .season {
    padding: 14px 16px 32px;
    display: grid;
    gap: 12px;
    align-content: start;
    min-width: 0;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .school {
    margin-left: auto;
  }
  .week {
    border-top: var(--bold-rule);
    padding-top: 10px;
    display: grid;
    gap: 10px;
    min-width: 0;
  }
  .empty {
    max-width: 62ch;
  }
  aside {
    border-left: var(--rule);
    padding: 14px 16px 32px;
    display: grid;
    gap: 24px;
    align-content: start;
    grid-template-columns: minmax(0, 1fr);
    min-width: 0;
  }
  @media (max-width: 960px) {
    .page {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      border-left: 0;
      border-top: var(--rule);
    }
  }
</style>
