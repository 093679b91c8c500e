<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Call, CallChoice } from '$lib/model/call';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';

  let {
    call,
    choice,
    words,
    strong = false,
  }: { call: Call; choice: CallChoice; words: string; strong?: boolean } = $props();
</script>

<form method="post" action="?/answer" use:enhance>
  <CommandId of="{choice} {call.key}" />
  <input type="hidden" name="key" value={call.key} />
  <input type="hidden" name="choice" value={choice} />
  <Button size="small" kind={strong ? 'primary' : 'tertiary'} type="submit">{words}</Button>
</form>
