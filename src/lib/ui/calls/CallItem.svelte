<script lang="ts">
  import type { MassUnit } from '$core/units';
  import type { Call } from '$lib/model/call';
  import CutCall from './CutCall.svelte';
  import NeglectedCall from './NeglectedCall.svelte';
  import PainCall from './PainCall.svelte';
  import ReturnCall from './ReturnCall.svelte';
  import RiseCall from './RiseCall.svelte';
  import SilentCall from './SilentCall.svelte';
  import StallCall from './StallCall.svelte';
  import TestCall from './TestCall.svelte';

  let {
    call,
    first,
    mayPlan,
    mayLog,
    places,
    mass,
  }: {
    call: Call;
    first: boolean;
    mayPlan: boolean;
    mayLog: boolean;
    places: readonly { id: string; name: string }[];
    mass: MassUnit;
  } = $props();
</script>

<article class:first data-call={call.kind}>
  <p class="when"><b>{call.deadline}</b><span class="note">{call.squad.toLowerCase()}</span></p>
  {#if call.kind === 'pain'}<PainCall {call} {first} {mayPlan} />
  {:else if call.kind === 'silent'}<SilentCall {call} {mayLog} {places} />
  {:else if call.kind === 'test'}<TestCall {call} {mayLog} {mayPlan} />
  {:else if call.kind === 'return'}<ReturnCall {call} {first} {mayPlan} />
  {:else if call.kind === 'stall'}<StallCall {call} {first} {mayPlan} {mass} />
  {:else if call.kind === 'neglected'}<NeglectedCall {call} {first} {mayPlan} />
  {:else if call.kind === 'cut'}<CutCall {call} {first} {mayPlan} />
  {:else}<RiseCall {call} {first} {mayPlan} />{/if}
</article>

<style>
  article {
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr) 190px;
    gap: 8px 18px;
    margin-left: 16px;
    padding: 14px 18px 16px 0;
    border-bottom: var(--rule);
  }
  article.first {
    background: var(--cal-1);
    margin-left: 0;
    padding-left: 16px;
    border-bottom: var(--bold-rule);
  }
  .when {
    display: grid;
    align-content: start;
    font-stretch: 84%;
  }
  article :global(.sentence) {
    font-size: 15.5px;
    line-height: 20px;
    font-weight: 500;
    font-stretch: 96%;
  }
  article.first :global(.sentence) {
    font-size: 20px;
    line-height: 26px;
    font-weight: 560;
  }
  article :global(.sentence b) {
    font-weight: 700;
  }
  article :global(.rule) {
    font-size: 12.5px;
    line-height: 18px;
    color: var(--ink-2);
    font-stretch: 90%;
  }
  article :global(.buttons) {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 8px;
    align-items: center;
    margin-top: 6px;
  }
  @media (max-width: 760px) {
    article {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
