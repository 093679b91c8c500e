<script lang="ts">
  import type { SeasonDay } from '$lib/model/season';

  let { days, squadId }: { days: readonly SeasonDay[]; squadId: string } = $props();

  const KIND = { lift: 'Lift', micro: 'Micro-dose', primer: 'Primer', recovery: 'Recovery' } as const;
  type Main = NonNullable<SeasonDay['session']>['mains'][number];
  const told = ({ lead, sets, reps, rir, percent, tempo }: Main): string =>
    `${lead === 'knee' ? 'Knee' : 'Hip'}-led ${String(sets)} × ${String(reps)}${percent === null ? '' : ` at ${String(Math.round(percent * 100))} %`}${rir === null ? '' : `, RIR ${String(rir)}`}${tempo && tempo !== '3 down' ? `, ${tempo}` : ''}`;
</script>

<ol>
  {#each days as { day, words, isToday, tag, allows, events, practices, session } (day)}
    <li class:today={isToday} class:event={events.length > 0}>
      <header>
        <b>{words}</b>{#if tag}<b class="tag">{tag}</b>{/if}
      </header>
      <p class="note">{allows}</p>
      {#each events as { name, kind }, i (i)}<p><b>{name}</b><br /><span class="note">{kind}</span></p>{/each}
      {#if session}
        <a class="session" href="/bench/{squadId}/{day}">
          <b>{session.start} {KIND[session.kind]}{session.role ? ` ${session.role}` : ''}</b>
          {#each session.mains as main, i (i)}<span>{told(main)}</span>{/each}
          <span class="note"
            >{session.minutes} min{session.contacts > 0 ? ` · ${String(session.contacts)} contacts` : ''}</span
          >
        </a>
      {/if}
      {#each practices as { start, minutes, hardness }, i (i)}
        <p class="practice">
          {start} Practice <span class="note">{minutes} min, {hardness >= 7 ? 'hard' : 'not hard'} ({hardness})</span>
        </p>
      {/each}
    </li>
  {/each}
</ol>

<style>
  ol {
    display: grid;
    grid-template-columns: repeat(7, minmax(112px, 1fr));
    overflow-x: auto;
    list-style: none;
    margin: 0;
    padding: 0;
  }
  li {
    border-right: var(--rule);
    padding: 10px;
    display: grid;
    gap: 6px;
    align-content: start;
    background: var(--cal-1);
    min-height: 150px;
  }
  li.today {
    background: var(--albero-w);
  }
  li.event {
    background: var(--ink);
    color: var(--cal);
  }
  li.event .note {
    color: var(--cal);
  }
  header {
    display: flex;
    justify-content: space-between;
    flex-wrap: wrap;
    gap: 0 6px;
    font-size: 13px;
  }
  .session {
    display: grid;
    gap: 3px;
    border: 1.5px solid var(--ink);
    padding: 7px 8px;
    color: var(--ink);
    text-decoration: none;
    font-size: 13px;
    background: var(--cal-1);
  }
  .session:visited {
    color: var(--ink);
  }
  .session:hover {
    background: var(--cal-2);
  }
  .practice,
  .note {
    font-size: 12.5px;
  }
</style>
