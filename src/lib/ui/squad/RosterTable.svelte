<script lang="ts" module>
  import type { Answer } from '$core/track';

  export interface RosterRow {
    readonly id: string;
    readonly name: string;
    readonly role: string | null;
    readonly age: number | null;
    readonly bodyMassKg: number | null;
    readonly liftLevel: string;
    readonly jumpLevel: string;
    readonly unknown: readonly string[];
    readonly consentMissing: boolean;
    readonly mornings: readonly { day: string; answer: Answer }[];
    readonly complaints: readonly { words: string; stops: boolean }[];
  }
</script>

<script lang="ts">
  import { massFromKg, type MassUnit } from '$core/units';
  import { listWords } from '$lib/messages';
  import MorningString from '../parts/MorningString.svelte';

  let { squadId, athletes, mass }: { squadId: string; athletes: readonly RosterRow[]; mass: MassUnit } = $props();
  const shownMornings = 4;
</script>

<div class="scroll">
  <table>
    <thead>
      <tr
        ><th>Athlete</th><th class="num">Age</th><th class="num">Mass, {mass}</th><th>Lift level</th><th>Jump level</th
        ><th>Not known yet</th><th>Mornings</th><th>Complaints</th></tr
      >
    </thead>
    <tbody>
      {#each athletes as row (row.id)}
        <tr>
          <td
            ><a href="/squad/{squadId}/{row.id}">{row.name}</a>{#if row.role}<span class="note role">{row.role}</span
              >{/if}</td
          >
          <td class="num figure">{row.age ?? '·'}</td>
          <td class="num figure">{row.bodyMassKg === null ? '·' : Math.round(massFromKg(row.bodyMassKg, mass))}</td>
          <td>{row.liftLevel}</td>
          <td>{row.jumpLevel}</td>
          <td class="note"
            >{row.unknown.length === 0 ? '' : listWords(row.unknown)}{#if row.consentMissing}<span class="warn-text"
                >{row.unknown.length === 0 ? '' : ' · '}no guardian consent</span
              >{/if}</td
          >
          <td class="mornings"
            >{#each row.mornings.slice(-shownMornings) as { day, answer } (day)}<MorningString
                {answer}
                width={26}
              />{/each}</td
          >
          <td
            >{#each row.complaints as { words, stops }, i (i)}<span class:warn-text={stops}
                >{i > 0 ? ', ' : ''}{words}</span
              >{/each}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  .scroll {
    overflow-x: auto;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-size: 12px;
    font-weight: 560;
    font-stretch: 90%;
    color: var(--ink-2);
    border-bottom: var(--bold-rule);
    padding: 4px 12px 4px 0;
    white-space: nowrap;
  }
  td {
    border-bottom: var(--rule);
    height: 34px;
    padding: 0 12px 0 0;
    white-space: nowrap;
    font-stretch: 90%;
  }
  td:first-child {
    font-weight: 600;
  }
  td:first-child .role {
    font-weight: 420;
    margin-left: 7px;
  }
  .num {
    text-align: right;
    padding-right: 20px;
  }
  td a,
  td a:visited {
    color: var(--ink);
    text-decoration-color: var(--edge);
    text-underline-offset: 3px;
  }
  .mornings :global(svg) {
    display: inline-block;
    vertical-align: middle;
    margin-right: 5px;
  }
  @media (pointer: coarse) {
    td {
      height: 46px;
    }
  }
</style>
