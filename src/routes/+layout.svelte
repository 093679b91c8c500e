<script lang="ts">
  import 'carbon-components-svelte/css/all.css';
  import '@fontsource-variable/archivo/wdth.css';
  import '$lib/ui/theme/theme.css';
  import '$lib/ui/theme/base.css';

  let { children } = $props();
</script>

{@render children()}
