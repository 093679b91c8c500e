<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button } from 'carbon-components-svelte';
  import type { CallOf } from '$lib/model/call';
  import CommandId from '../parts/CommandId.svelte';

  let { call, first, mayPlan }: { call: CallOf<'pain'>; first: boolean; mayPlan: boolean } = $props();
  const where = $derived(`${call.side && call.side !== 'both' ? `${call.side} ` : ''}${call.place}`);
</script>

<div>
  <p class="sentence">
    {call.athlete} reports pain <b>{call.score} of 10</b>, {where}{call.signs.length > 0
      ? `, with ${call.signs.join(', ')}`
      : ''}. {call.stops
      ? `${call.stops} stop${call.stops === 'Everything' ? 's' : ''} today.`
      : 'The work there goes one rung down, jumps with it.'}
    {#if call.ended}The clearance was given for less: it no longer counts, and a new one is needed.{/if}
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  <div class="buttons">
    {#if mayPlan}
      <form method="post" action="?/refer" use:enhance>
        <CommandId of="refer" />
        <input type="hidden" name="complaintId" value={call.complaintId} />
        <Button size="small" kind={first ? 'primary' : 'tertiary'} type="submit"
          >{call.stops ? 'Record the referral' : 'Seen: watch it'}</Button
        >
      </form>
    {/if}
    <a class="quiet" href="/squad/{call.squadId}/{call.athleteId}">Open the complaint</a>
  </div>
</div>
<svg width="180" height="56" viewBox="0 0 180 56" role="img" aria-label="{call.score} of 10">
  <path d="M6 30H174" stroke="var(--edge)" />
  {#each Array.from({ length: 11 }, (_, i) => i) as n (n)}<path d="M{6 + n * 16.8} 24V30" stroke="var(--edge)" />{/each}
  <path d="M{6 + call.score * 16.8} 12V32" stroke="var(--almagre-t)" stroke-width="4" />
  <text x="3" y="46">0</text><text x="166" y="46">10</text><text class="score" x={2 + call.score * 16.8} y="47"
    >{call.score}</text
  >
</svg>

<style>
  text {
    font-size: 11.5px;
    fill: var(--ink-2);
  }
  .score {
    fill: var(--almagre-t);
    font-weight: 700;
    font-size: 13px;
  }
</style>
