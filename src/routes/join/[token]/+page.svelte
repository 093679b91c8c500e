<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button } from 'carbon-components-svelte';
  import EntryPage from '$lib/ui/shell/EntryPage.svelte';
  import PersonFields from '$lib/ui/shell/PersonFields.svelte';

  let { data, form } = $props();
</script>

<EntryPage title="Join {data.club}">
  <p>{data.role}.</p>
  <form method="post" use:enhance={keep}>
    <PersonFields errors={form?.errors ?? {}} typed={{ name: form?.name, email: form?.email }} />
    <Button type="submit">Join the club</Button>
  </form>
  <p class="note">The link works once. One account belongs to one club.</p>
</EntryPage>

<style>
  form {
    display: grid;
    gap: 16px;
  }
</style>
