<script lang="ts">
  import { tick } from 'svelte';

  let {
    text,
    label,
    onkeep,
    onleave,
  }: { text: string; label: string; onkeep: (text: string) => Promise<string[]>; onleave: () => void } = $props();
  // svelte-ignore state_referenced_locally
  let typed = $state(text);
  let messages = $state.raw<readonly string[]>([]);
  let busy = false;
  let left = false;

  function select(node: HTMLInputElement) {
    node.focus();
    node.select();
  }

  function leave(): void {
    left = true;
    onleave();
  }

  async function keep(): Promise<void> {
    // an editor that is taken off the page blurs once more
    if (busy || left) return;
    busy = true;
    if (typed.trim() === text.trim()) leave();
    else {
      messages = await onkeep(typed);
      await tick();
      if (messages.length === 0) leave();
    }
    busy = false;
  }
</script>

<div class="editor">
  <input
    type="text"
    bind:value={typed}
    aria-label={label}
    aria-invalid={messages.length > 0}
    aria-describedby={messages.length > 0 ? 'dose-messages' : undefined}
    autocomplete="off"
    spellcheck="false"
    {@attach select}
    onclick={(event) => event.stopPropagation()}
    onkeydown={(event) => {
      event.stopPropagation();
      if (event.key === 'Enter') {
        event.preventDefault();
        void keep();
      }
      if (event.key === 'Escape') leave();
    }}
    onblur={() => {
      if (messages.length === 0) void keep();
    }}
  />
  {#if messages.length > 0}
    <p id="dose-messages" role="alert">{messages.join(' ')}</p>
  {/if}
</div>

<style>
  .editor {
    position: relative;
  }
  input {
    width: 100%;
    border: 0;
    border-bottom: 2px solid var(--ink);
    background: var(--cal-1);
    color: var(--ink);
    padding: 2px 4px;
    font-size: 15.5px;
    line-height: 20px;
    font-stretch: 78%;
    font-weight: 560;
  }
  input[aria-invalid='true'] {
    border-color: var(--almagre-t);
  }
  p {
    position: absolute;
    z-index: 8;
    left: 0;
    top: 26px;
    background: var(--cal-1);
    border: 1px solid var(--almagre-t);
    color: var(--almagre-t);
    padding: 4px 8px;
    font-size: 12.5px;
    line-height: 16px;
    max-width: 420px;
  }
</style>
