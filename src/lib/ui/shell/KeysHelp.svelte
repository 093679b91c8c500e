<script lang="ts">
  import { page } from '$app/state';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { onclose }: { onclose: () => void } = $props();
  const EVERYWHERE = [
    ['g c', 'Calls'],
    ['g q', 'Squad'],
    ['g l', 'Start line'],
    ['g s', 'Season'],
    ['g b', 'Bench'],
    ['g f', 'Floor'],
    ['g i', 'Library; there / goes to the find box'],
    ['g m', 'Measure'],
    ['g t', 'Settings'],
    ['?', 'these keys'],
  ] as const;
  const BENCH = [
    ['↑ ↓', 'choose a line'],
    ['Enter', 'write its dose'],
    ['s', 'swap for the runner-up'],
    ['a', 'add a line'],
    ['Delete', 'take the line off'],
    ['Alt ↑ ↓', 'move the line'],
    ['Ctrl Z', 'take the last change back, with Shift make it again'],
    ['r', 'why this line'],
    ['Esc', 'leave the dose as it was'],
  ] as const;
  const CALLS = [
    ['j k', 'next, previous call'],
    ['Enter', 'its first button'],
  ] as const;
  const keys = $derived([
    ...EVERYWHERE,
    ...(page.url.pathname.startsWith('/bench') ? BENCH : []),
    ...(page.url.pathname.startsWith('/calls') ? CALLS : []),
  ]);

  function open(node: HTMLDialogElement) {
    node.showModal();
  }
</script>

<dialog {@attach open} {onclose} aria-label="Keys of this screen">
  <h2>Keys</h2>
  <dl>
    {#each keys as [key, what] (key)}<dt><kbd>{key}</kbd></dt>
      <dd>{what}</dd>{/each}
  </dl>
  <form method="dialog"><QuietButton>Close</QuietButton></form>
</dialog>

<style>
  dialog {
    border: var(--bold-rule);
    background: var(--cal-1);
    color: var(--ink);
    padding: 20px 24px;
    min-width: 300px;
  }
  dialog::backdrop {
    background: var(--cds-overlay-01);
  }
  dl {
    display: grid;
    grid-template-columns: 72px 1fr;
    gap: 6px 12px;
    margin: 12px 0 16px;
  }
  kbd {
    border: 1px solid var(--edge);
    padding: 0 6px;
    font-family: var(--family);
    font-stretch: 84%;
  }
</style>
