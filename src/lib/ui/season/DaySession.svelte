<script lang="ts">
  import { shortDate } from '$lib/messages';
  import type { SeasonDay } from '$lib/model/season';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  type Session = NonNullable<SeasonDay['session']>;
  let {
    session,
    day,
    href,
    earlier,
    later,
    put,
  }: {
    session: Session;
    day: string;
    href: string;
    /** the next free day of its week on either side; null = none */
    earlier: string | null;
    later: string | null;
    put: (from: string, to: string) => Promise<void>;
  } = $props();

  const KIND = { lift: 'Lift', micro: 'Micro-dose', primer: 'Primer', recovery: 'Recovery' } as const;
  const EASED = { event: 'eased, an event is near', heavy: 'eased, a heavy session is near' } as const;
  const movable = $derived(earlier !== null || later !== null);
  type Main = Session['mains'][number];
  const told = ({ lead, sets, reps, rir, percent, tempo }: Main): string =>
    `${lead === 'knee' ? 'Knee' : 'Hip'}-led ${String(sets)} × ${String(reps)}${percent === null ? '' : ` at ${String(Math.round(percent * 100))} %`}${rir === null ? '' : `, RIR ${String(rir)}`}${tempo && tempo !== '3 down' ? `, ${tempo}` : ''}`;

  function onkeydown(event: KeyboardEvent): void {
    const to = event.key === 'ArrowRight' ? later : event.key === 'ArrowLeft' ? earlier : null;
    if (!event.altKey || to === null) return;
    event.preventDefault();
    void put(day, to);
  }
</script>

<a
  class="session"
  {href}
  draggable={movable}
  ondragstart={(event) => event.dataTransfer?.setData('text/plain', day)}
  {onkeydown}
  aria-keyshortcuts={movable ? 'Alt+ArrowLeft Alt+ArrowRight' : undefined}
>
  <b>{session.start} {KIND[session.kind]}{session.role ? ` ${session.role}` : ''}</b>
  {#each session.mains as main, i (i)}<span>{told(main)}</span>{/each}
  {#if session.eased}<span class="note">{EASED[session.eased]}</span>{/if}
  {#if session.moved}<span class="note">put here by hand</span>{/if}
  <span class="note">{session.minutes} min{session.contacts > 0 ? ` · ${String(session.contacts)} contacts` : ''}</span>
</a>
{#if movable}
  <span class="move">
    {#if earlier}<QuietButton
        aria-label="The session of {shortDate(day)} earlier, on {shortDate(earlier)}"
        onclick={() => put(day, earlier)}>Earlier</QuietButton
      >{/if}
    {#if later}<QuietButton
        aria-label="The session of {shortDate(day)} later, on {shortDate(later)}"
        onclick={() => put(day, later)}>Later</QuietButton
      >{/if}
  </span>
{/if}

<style>
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
  .note {
    font-size: 12.5px;
  }
  .move {
    display: flex;
    justify-content: space-between;
  }
</style>
