<script lang="ts">
  import 'carbon-components-svelte/css/all.css';
  import '@fontsource-variable/archivo/wdth.css';
  import '$lib/ui/theme/theme.css';
  import '$lib/ui/theme/base.css';
  import { afterNavigate } from '$app/navigation';
  import { formTrouble } from '$lib/ui/parts/form-trouble.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { children } = $props();
  afterNavigate(() => formTrouble.clear());
</script>

{@render children()}
{#if formTrouble.message}
  <div class="trouble" role="alert">
    <p>{formTrouble.message}</p>
    <QuietButton onclick={() => formTrouble.clear()}>Close</QuietButton>
  </div>
{/if}

<style>
  .trouble {
    position: fixed;
    z-index: 60;
    left: 50%;
    bottom: 24px;
    translate: -50% 0;
    width: min(560px, calc(100vw - 32px));
    display: flex;
    gap: 16px;
    align-items: start;
    justify-content: space-between;
    padding: 14px 16px;
    background: var(--cal-1);
    color: var(--ink);
    border: var(--bold-rule);
    border-left: 6px solid var(--almagre);
    font-size: 15px;
    line-height: 20px;
  }
</style>
