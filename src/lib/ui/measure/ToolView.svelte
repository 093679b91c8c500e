<script lang="ts">
  import Calculator from './Calculator.svelte';
  import Film from './Film.svelte';
  import MatTool from './MatTool.svelte';
  import Stopwatch from './Stopwatch.svelte';
  import type { Tool } from './tools';

  let {
    tool,
    typed,
    set,
    onwrite,
  }: {
    tool: Tool;
    /** what was typed, by field */
    typed: Readonly<Record<string, string>>;
    /** a field filled in, by hand or by a device */
    set: (field: string, text: string) => void;
    onwrite: ((test: string, value: number) => void) | null;
  } = $props();
</script>

{#if tool.id === 'video'}<Film values={typed} {set} />{/if}
{#if tool.id === 'repeated'}<MatTool {set} />{/if}
{#if tool.id === 'sprint'}<Stopwatch {set} />{/if}
<Calculator {tool} values={typed} {set} {onwrite} />
