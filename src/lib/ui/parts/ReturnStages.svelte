<script lang="ts">
  import type { WayBack } from '$lib/model/way-back';

  let { way }: { way: WayBack } = $props();

  const SAID = { done: 'done', now: 'here now', ahead: 'in the note', closed: 'not in the note' } as const;
</script>

<ol aria-label="Stages of the way back">
  {#each way.stages as { id, name, state } (id)}
    <li class={state} aria-current={state === 'now' ? 'step' : undefined}>
      <span class="mark" aria-hidden="true"></span><span>{name}<span class="state">{SAID[state]}</span></span>
    </li>
  {/each}
</ol>

<style>
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 2px;
  }
  li {
    display: grid;
    grid-template-columns: 14px 1fr;
    align-items: baseline;
    font-size: 13px;
    line-height: 18px;
    color: var(--ink-2);
  }
  .mark {
    width: 6px;
    height: 10px;
    background: var(--edge);
  }
  .done .mark {
    background: var(--ink);
  }
  .now {
    color: var(--ink);
    font-weight: 650;
  }
  .now .mark {
    background: var(--anil);
    width: 10px;
  }
  .closed .mark {
    background: none;
    border: 1px solid var(--edge);
  }
  .state {
    font-weight: 400;
    color: var(--ink-2);
    font-stretch: 88%;
    margin-left: 6px;
  }
</style>
