<script lang="ts">
  import { onMount } from 'svelte';
  import { between, boundsOf, drawSkeleton, solvePose, type Figure, type Shape, type WorkPart } from '$core/figures';
  import { limbPath } from './limb-path';

  let {
    figure,
    work,
    hue,
    height: tallest = 150,
    maxWidth = Infinity,
    moves = false,
    captions = false,
    label,
  }: {
    figure: Figure;
    work: WorkPart;
    hue: string;
    height?: number;
    /** drawn smaller when the positions would be wider than this */
    maxWidth?: number;
    /** one drawing that moves slowly between the positions, where motion is wanted */
    moves?: boolean;
    captions?: boolean;
    label: string;
  } = $props();

  /** Seconds from one position to the next, and how long it stays. */
  const TRAVEL_S = 1.6;
  const STAY_S = 0.7;

  const solved = $derived(figure.positions.map(solvePose));
  const drawn = $derived(figure.positions.map((position) => drawSkeleton(solvePose(position), figure, position, work)));
  const box = $derived.by(() => {
    const all = drawn.map(boundsOf);
    return {
      left: Math.min(...all.map((b) => b.left)) - 0.03,
      right: Math.max(...all.map((b) => b.right)) + 0.03,
      bottom: Math.min(-0.03, ...all.map((b) => b.bottom)),
      top: Math.max(...all.map((b) => b.top)) + 0.03,
    };
  });
  const sameView = $derived(
    new Set(figure.positions.map(({ kind }) => (kind === 'front' ? 'front' : 'side'))).size === 1,
  );
  let clock = $state(0);
  let playing = $state(false);

  const moving = $derived.by((): Shape[] | null => {
    if (!playing || !sameView) return null;
    const leg = TRAVEL_S + STAY_S;
    const steps = (solved.length - 1) * 2;
    const at = (clock / leg) % steps;
    const step = Math.floor(at);
    const part = Math.min(1, ((at - step) * leg) / TRAVEL_S);
    const eased = part * part * (3 - 2 * part);
    const order = [...solved.keys(), ...[...solved.keys()].slice(1, -1).reverse()];
    const [from, to] = [order[step % order.length] ?? 0, order[(step + 1) % order.length] ?? 0];
    const [a, b] = [solved[from], solved[to]];
    const pose = figure.positions[from];
    return a && b && pose ? drawSkeleton(between(a, b, eased), figure, pose, work) : null;
  });

  onMount(() => {
    if (!moves || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    let frame = 0;
    const start = performance.now();
    const tick = (now: number): void => {
      clock = (now - start) / 1000;
      frame = requestAnimationFrame(tick);
    };
    playing = true;
    frame = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(frame);
    };
  });
  const shown = $derived(moving ? [moving] : drawn);
  const GAP = 16;
  const ratio = $derived((box.right - box.left) / (box.top - box.bottom));
  const height = $derived(Math.min(tallest, (maxWidth - GAP * (shown.length - 1)) / (ratio * shown.length)));
  const width = $derived(ratio * height);
</script>

<div class="figure" role="img" aria-label={label} style:--hue="var(--{hue})">
  {#each shown as shapes, i (i)}
    <figure>
      <svg
        {height}
        width={Math.round(width)}
        viewBox="{box.left} {-box.top} {box.right - box.left} {box.top - box.bottom}"
        aria-hidden="true"
      >
        <g transform="scale(1,-1)">
          <line class="ground" x1={box.left} x2={box.right} y1="0" y2="0" />
          {#each shapes as shape, at (at)}
            {#if shape.kind === 'limb'}
              <path class="limb {shape.tone}" d={limbPath(shape.from, shape.to, shape.r0, shape.r1)} />
            {:else if shape.kind === 'disc'}
              <circle
                class="disc {shape.tone}"
                class:hollow={shape.hollow}
                cx={shape.at[0]}
                cy={shape.at[1]}
                r={shape.r}
              />
            {:else if shape.kind === 'line'}
              <line
                class="stick"
                class:dashed={shape.dashed}
                x1={shape.from[0]}
                y1={shape.from[1]}
                x2={shape.to[0]}
                y2={shape.to[1]}
              />
            {:else if shape.kind === 'rect'}
              <rect class={shape.tone} x={shape.x} y={shape.y} width={shape.w} height={shape.h} />
            {:else}
              <circle class="pin" cx={shape.at[0]} cy={shape.at[1]} r="0.0065" />
            {/if}
          {/each}
        </g>
      </svg>
      {#if captions && !moving}<figcaption>{figure.positions[i]?.name}</figcaption>{/if}
    </figure>
  {/each}
</div>

<style>
  .figure {
    display: flex;
    gap: 16px;
    align-items: end;
  }
  figure {
    margin: 0;
  }
  figcaption {
    font-size: 12.5px;
    font-weight: 600;
  }
  svg {
    display: block;
    overflow: visible;
  }
  .ground {
    stroke: var(--ink);
    stroke-width: 0.008;
  }
  .limb {
    fill: var(--ink);
    stroke: var(--paper, var(--cal));
    stroke-width: 0.0085;
  }
  .limb.far {
    fill: var(--pizarra);
    opacity: 0.62;
  }
  .limb.work {
    fill: var(--hue);
  }
  .disc {
    fill: var(--ink);
    stroke: var(--paper, var(--cal));
    stroke-width: 0.008;
  }
  .disc.hollow {
    fill: none;
    stroke: var(--ink-2);
    stroke-width: 0.01;
  }
  .stick {
    stroke: var(--ink-2);
    stroke-width: 0.011;
  }
  .dashed {
    stroke-dasharray: 0.02 0.02;
  }
  rect {
    fill: var(--ink-2);
  }
  rect.edge {
    fill: none;
    stroke: var(--ink-2);
    stroke-width: 0.009;
  }
  .pin {
    fill: var(--paper, var(--cal));
  }
</style>
