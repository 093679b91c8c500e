<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Thread } from './thread';

  let { thread }: { thread: Thread } = $props();
</script>

<div class="thread" role="group" aria-label="What this screen is about">
  {#each thread.knots as knot, i (knot.label)}
    <div class="knot" class:inked={i < thread.level} class:here={i === thread.level - 1}>
      <label>
        <span class="label">{knot.label}</span>
        <span class="value">
          <select value={knot.value} onchange={(event) => goto(event.currentTarget.value)}>
            {#each knot.options as option (option.href)}<option value={option.href}>{option.label}</option>{/each}
          </select>
          <svg width="10" height="6" viewBox="0 0 10 6" aria-hidden="true"
            ><path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" stroke-width="1.3" /></svg
          >
        </span>
      </label>
      <i aria-hidden="true"></i>
    </div>
  {/each}
  <p class="words">
    {thread.words}{#if thread.tag}<b>{thread.tag}</b>{/if}
  </p>
</div>

<style>
  .thread {
    display: flex;
    gap: 28px;
    align-items: stretch;
    min-width: 0;
  }
  .knot {
    position: relative;
    padding: 9px 0 12px;
    min-width: 0;
  }
  label {
    display: grid;
  }
  .value {
    position: relative;
    display: flex;
    align-items: center;
    gap: 6px;
  }
  select {
    appearance: none;
    border: 0;
    background: none;
    color: var(--ink);
    font-size: 15px;
    line-height: 20px;
    font-weight: 600;
    font-stretch: 94%;
    padding: 0 16px 0 0;
    margin-right: -16px;
    max-width: 190px;
    text-overflow: ellipsis;
    cursor: pointer;
    field-sizing: content;
  }
  option {
    color: var(--ink);
    background: var(--cal-1);
  }
  svg {
    pointer-events: none;
    color: var(--ink-2);
    flex: none;
  }
  i {
    position: absolute;
    left: 0;
    bottom: -5px;
    width: 9px;
    height: 9px;
    border: 1.5px solid var(--edge);
    background: var(--cal);
    z-index: 1;
  }
  .knot::after {
    content: '';
    position: absolute;
    left: 0;
    right: -28px;
    bottom: -1px;
    height: 0;
  }
  .inked::after {
    border-bottom: 2px solid var(--ink);
    left: -120px;
  }
  .here::after {
    right: auto;
    width: 124px;
  }
  .inked i {
    background: var(--ink);
    border-color: var(--ink);
  }
  .here i {
    width: 15px;
    height: 15px;
    bottom: -8px;
    background: var(--cal);
    border: 3px solid var(--ink);
  }
  .words {
    align-self: center;
    font-size: 13px;
    line-height: 18px;
    font-stretch: 88%;
    color: var(--ink-2);
    overflow: hidden;
  }
  .words b {
    border: 1px solid var(--ink);
    color: var(--ink);
    padding: 1px 6px;
    margin-left: 8px;
    font-weight: 600;
    font-stretch: 80%;
    white-space: nowrap;
  }
  @media (max-width: 900px) {
    .words {
      display: none;
    }
  }
</style>
