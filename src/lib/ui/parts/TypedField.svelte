<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';

  let {
    name,
    label,
    value = '',
    trouble,
  }: { name: string; label: string; value?: string; trouble: Trouble | null } = $props();

  const error = $derived(trouble?.errors[name]?.[0]);
</script>

<!-- A field that keeps what was typed and says at its own place what stands against it. -->
<TextInput
  size="sm"
  labelText={label}
  {name}
  value={trouble?.typed[name] ?? value}
  invalid={!!error}
  invalidText={error}
/>
