<script lang="ts">
  import { onDestroy } from 'svelte';
  import { Button } from 'carbon-components-svelte';
  import { MatListener } from './mat-listener.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { set }: { set: (field: string, text: string) => void } = $props();
  const mat = new MatListener(() => {
    // a first landing has no contact of its own before it
    const lines = mat.jumps.flatMap(({ contactS, flightS, doubtful }) =>
      contactS === null || contactS > 0.6 || doubtful ? [] : `${contactS.toFixed(3)} ${flightS.toFixed(3)}`,
    );
    set('jumps', lines.join('\n'));
  });
  onDestroy(() => {
    mat.stop();
  });
  const WORDS = {
    off: 'The mat is not listened to.',
    waiting: 'Waiting for the mat.',
    on: 'Listening.',
    absent: 'No mat answers. Start the simulated one with npm run mat, or set JALEO_MAT to a real one.',
    unplugged: 'The mat went away. What it gave stays below.',
  } as const;
</script>

<p class="mat">
  <Button size="small" kind="tertiary" on:click={() => (mat.state === 'on' ? mat.stop() : mat.start())}
    >{mat.state === 'on' ? 'Stop' : 'Listen to the mat'}</Button
  >
  <QuietButton
    onclick={() => {
      mat.clear();
      set('jumps', '');
    }}>Start over</QuietButton
  >
  <span role="status"
    >{WORDS[mat.state]}
    {#if mat.jumps.length > 0}{mat.jumps.length} landings{mat.lost > 0
        ? `, ${String(mat.lost)} lines lost: those jumps are left out`
        : ''}.{/if}</span
  >
</p>

<style>
  .mat {
    display: flex;
    gap: 16px;
    align-items: center;
    flex-wrap: wrap;
  }
</style>
