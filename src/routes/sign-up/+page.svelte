<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, TextInput } from 'carbon-components-svelte';
  import PersonFields from '$lib/ui/shell/PersonFields.svelte';
  import EntryPage from '$lib/ui/shell/EntryPage.svelte';

  let { data, form } = $props();
  const errors = $derived((form?.errors ?? {}) as Record<string, string[] | undefined>);
  const zone = typeof Intl === 'undefined' ? '' : Intl.DateTimeFormat().resolvedOptions().timeZone;
</script>

<EntryPage title="Make a club">
  {#if data.open}
    <form method="post" use:enhance={keep}>
      <TextInput
        labelText="Club"
        name="club"
        value={form?.club ?? ''}
        invalid={!!errors.club}
        invalidText={errors.club?.[0]}
        required
      />
      <PersonFields {errors} typed={{ name: form?.name, email: form?.email }} />
      <input type="hidden" name="zone" value={zone} />
      <Button type="submit">Make the club</Button>
    </form>
  {:else}<p>New clubs are not taken here. Ask a head coach of your club for a link.</p>{/if}
  <p>Already here? <a href="/sign-in">Sign in</a>.</p>
</EntryPage>

<style>
  form {
    display: grid;
    gap: 16px;
  }
</style>
