<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';

  let {
    name,
    label,
    type = 'text',
    value = '',
    trouble,
  }: { name: string; label: string; type?: 'text' | 'date'; value?: string; trouble: Trouble | null } = $props();

  const error = $derived(trouble?.errors[name]?.[0]);
</script>

<!-- A field that keeps what was typed and says at its own place what stands against it. -->
<TextInput
  size="sm"
  {type}
  labelText={label}
  {name}
  value={trouble?.typed[name] ?? value}
  invalid={!!error}
  invalidText={error}
/>
