<script lang="ts">
  import { shortDate } from '$lib/messages';
  import type { Moved, Mornings, Stepped } from '$lib/model/call';
  import MorningsSide from './Mornings.svelte';
  import MovedByRule from './MovedByRule.svelte';
  import type { ScoreBeat } from '$lib/model/score';
  import ScoreStrip from '../parts/ScoreStrip.svelte';

  let {
    today,
    next,
    settled,
    moved,
    stepped,
    mornings,
    places,
    mayPlan,
    mayLog,
  }: {
    today: readonly {
      squadId: string;
      squad: string;
      start: string;
      href: string;
      floor: string | null;
      state: string;
      minutes: number;
      beats: readonly ScoreBeat[];
    }[];
    next: readonly { squad: string; href: string; day: string; event: { name: string; day: string } | null }[];
    moved: readonly Moved[];
    stepped: readonly Stepped[];
    mornings: readonly Mornings[];
    places: readonly { id: string; name: string }[];
    mayPlan: boolean;
    mayLog: boolean;
    settled: readonly { key: string; exercise: string; state: string; words: string; rules: readonly string[] }[];
  } = $props();
</script>

<aside aria-label="Today">
  <section>
    <h2>Today</h2>
    {#each today as session (session.squadId)}
      <div class="session">
        <p class="head">
          <b>{session.start}</b> <a href={session.href}>{session.squad}</a><span class="state">{session.state}</span>
        </p>
        {#if session.beats.length > 0}<ScoreStrip beats={session.beats} minutes={session.minutes} height={16} />{/if}
        <p class="note">
          {session.minutes} min{#if session.floor}&nbsp;· <a class="quiet" href={session.floor}>floor</a>{/if}
        </p>
      </div>
    {:else}<p class="note">No session today.</p>{/each}
  </section>
  <section>
    <h2>Next</h2>
    {#each next as { squad, href, day, event } (href)}
      <p class="line">
        <a {href}>{squad}, {day}</a>{#if event}<span class="note">{event.name} {shortDate(event.day)}</span>{/if}
      </p>
    {/each}
  </section>
  <MorningsSide {mornings} {mayLog} {places} />
  <MovedByRule {moved} {stepped} {mayPlan} />
  <section>
    <h2>Settled today</h2>
    {#each settled as { key, exercise, state, words, rules } (key)}
      <p class="line">
        <span>{exercise}{state === 'held' ? ' held' : ''}: <b>{words}</b></span><span class="rule-id">{rules[0]}</span>
      </p>
    {:else}<p class="note">Nothing yet.</p>{/each}
  </section>
</aside>

<style>
  aside {
    border-left: var(--rule);
    padding: 14px 16px 32px;
    display: grid;
    gap: 18px;
    align-content: start;
  }
  section {
    display: grid;
    gap: 6px;
  }
  .session {
    border-bottom: var(--rule);
    padding: 4px 0 8px;
    display: grid;
    gap: 5px;
  }
  .head {
    display: flex;
    gap: 10px;
    font-size: 16px;
    line-height: 22px;
    font-stretch: 96%;
    align-items: baseline;
  }
  .head b {
    font-weight: 640;
    font-stretch: 84%;
  }
  .state {
    margin-left: auto;
    border: 1px solid var(--ink);
    font-size: 12px;
    line-height: 18px;
    padding: 0 7px;
    font-stretch: 84%;
  }
  a,
  a:visited {
    color: var(--ink);
    text-underline-offset: 3px;
    text-decoration-color: var(--edge);
  }
  aside :global(.line) {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    border-bottom: var(--rule);
    padding: 4px 0;
    font-stretch: 90%;
  }
  @media (max-width: 960px) {
    aside {
      border-left: 0;
      border-top: var(--rule);
    }
  }
</style>
