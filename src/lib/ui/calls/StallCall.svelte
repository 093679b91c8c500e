<script lang="ts">
  import type { StallSignal } from '$core/progress';
  import { formatMass } from '$core/exchange';
  import type { MassUnit } from '$core/units';
  import { inSentence } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import AnswerButton from './AnswerButton.svelte';

  let { call, first, mayPlan, mass }: { call: CallOf<'stall'>; first: boolean; mayPlan: boolean; mass: MassUnit } =
    $props();

  const POINTS: Readonly<Record<StallSignal, string>> = {
    tight: 'mornings were overly tight or painful more than once, which points to lighter work',
    complaint: 'a complaint works against it, which points to another lift',
    away: 'sessions lay far apart, so it may be no stall at all',
  };
  const said = $derived(
    call.signals.length > 0
      ? `What is known: ${call.signals.map((signal) => POINTS[signal]).join('; ')}.`
      : 'Mornings, complaints and attendance point nowhere: sleep, practice load and the lift itself are left to ask about.',
  );
  const tired = $derived(call.signals.includes('tight'));
</script>

<div>
  <p class="sentence">
    {call.athlete} is stuck on {inSentence(call.exercise)}: <b>{formatMass(Math.round(call.nowKg), mass)}</b> estimated
    in the last two sessions, {formatMass(Math.round(call.firstKg), mass)} when the block began ({Math.round(
      call.share * 100,
    )} % less). {said}
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  <div class="buttons">
    {#if mayPlan}
      <AnswerButton {call} choice="lighter" words="Lighter for three sessions" strong={first && tired} />
      {#if call.keep}<AnswerButton
          {call}
          choice="quality"
          words="Keep it at {formatMass(call.keep.kg, mass)}, train another quality"
        />{/if}
      <AnswerButton {call} choice="talk" words="I ask about sleep and practice" strong={first && !tired} />
      <AnswerButton {call} choice="later" words="Leave it this block" />
    {/if}
    <a class="quiet" href={call.bench}>Change the lift on the next card</a>
    <a class="quiet" href="/squad/{call.squadId}/{call.athleteId}/history">{call.athlete.split(' ')[0]} over time</a>
  </div>
</div>
<svg width="180" height="56" viewBox="0 0 180 56" role="img" aria-label="{Math.round(call.share * 100)} % less">
  <path d="M6 12H{6 + 150}" stroke="var(--edge)" stroke-width="9" />
  <path d="M6 30H{6 + 150 * (1 - call.share)}" stroke="var(--anil)" stroke-width="9" />
  <text x="6" y="50">estimated maximum, first and last two</text>
</svg>

<style>
  text {
    font-size: 11px;
    fill: var(--ink-2);
    font-stretch: 84%;
  }
</style>
