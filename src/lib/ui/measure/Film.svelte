<script lang="ts">
  import { onDestroy } from 'svelte';
  import { frameRateOf } from './frame-rate';

  let { values, set }: { values: Readonly<Record<string, string>>; set: (field: string, text: string) => void } =
    $props();

  let video = $state<HTMLVideoElement | null>(null);
  let source = $state('');
  let frame = $state(0);
  let readRate = $state(0);
  let trouble = $state('');

  const rate = $derived(Number((values.rate ?? '').replace(',', '.')) || 0);

  async function choose(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const file = event.currentTarget.files?.[0];
    if (!file) return;
    if (source) URL.revokeObjectURL(source);
    source = URL.createObjectURL(file);
    trouble = '';
    frame = 0;
    readRate = 0;
    const found = await frameRateOf(file);
    if (found === null) {
      trouble = 'The frames a second cannot be read from this clip: type them.';
      return;
    }
    readRate = found;
    set('rate', String(found));
  }
  onDestroy(() => {
    if (source) URL.revokeObjectURL(source);
  });

  function step(by: number): void {
    if (!video || rate <= 0) return;
    frame = Math.max(0, frame + by);
    // the middle of a frame, so that rounding shows the right one
    video.currentTime = (frame + 0.5) / rate;
  }
  function onKey(event: KeyboardEvent): void {
    const by = event.shiftKey ? 10 : 1;
    if (event.key === 'ArrowRight') step(by);
    else if (event.key === 'ArrowLeft') step(-by);
    else if (event.key === 't') set('takeOff', String(frame));
    else if (event.key === 'l') set('landing', String(frame));
    else return;
    event.preventDefault();
  }
</script>

<div class="film">
  <label class="pick"
    ><span class="label">Clip from this device; it stays here</span>
    <input type="file" accept="video/*" onchange={(event) => void choose(event)} /></label
  >
  {#if source}
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions, a11y_no_noninteractive_tabindex -->
    <div class="stage" role="group" aria-label="Clip, frame {frame}" tabindex="0" onkeydown={onKey}>
      <video
        bind:this={video}
        src={source}
        playsinline
        onloadeddata={() => step(0)}
        onerror={() => (trouble = 'This clip cannot be shown here.')}
      >
        <track kind="captions" />
      </video>
    </div>
    <p class="note">
      Frame {frame}{readRate > 0 ? ` · ${String(readRate)} frames a second read from the clip` : ''} · <kbd>←</kbd>
      <kbd>→</kbd> one frame, with <kbd>Shift</kbd> ten · <kbd>t</kbd> take-off · <kbd>l</kbd> landing
    </p>
    <p class="buttons">
      <button onclick={() => step(-1)}>−1</button><button onclick={() => step(1)}>+1</button>
      <button onclick={() => set('takeOff', String(frame))}>Take-off here</button>
      <button onclick={() => set('landing', String(frame))}>Landing here</button>
    </p>
  {/if}
  {#if trouble}<p class="warn-text" role="alert">{trouble}</p>{/if}
</div>

<style>
  .film {
    display: grid;
    gap: 8px;
    max-width: 720px;
  }
  .pick {
    display: grid;
    gap: 4px;
  }
  .stage:focus-visible {
    outline: 2px solid var(--ink);
  }
  video {
    width: 100%;
    max-height: 380px;
    background: var(--ink);
    display: block;
  }
  kbd {
    border: 1px solid var(--edge);
    padding: 0 4px;
    font: inherit;
    font-size: 11px;
  }
  .buttons {
    display: flex;
    gap: 8px;
    flex-wrap: wrap;
  }
  button {
    border: 1px solid var(--ink);
    background: transparent;
    color: var(--ink);
    min-height: 40px;
    padding: 0 12px;
    cursor: pointer;
  }
</style>
