<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, InlineNotification, PasswordInput, TextInput } from 'carbon-components-svelte';
  import EntryPage from '$lib/ui/shell/EntryPage.svelte';

  let { data, form } = $props();
  // svelte-ignore state_referenced_locally
  let email = $state(form?.email ?? '');
</script>

<EntryPage title="Sign in">
  <form method="post" use:enhance={keep}>
    {#if data.made && !form}<InlineNotification
        lowContrast
        hideCloseButton
        kind="info"
        title="Sign in now."
        subtitle="If the e-mail was free, your account is ready. If it had one already, sign in with that password."
      />{/if}
    {#if form?.message}<InlineNotification lowContrast hideCloseButton kind="error" title={form.message} />{/if}
    <TextInput labelText="E-mail" type="email" name="email" autocomplete="email" bind:value={email} required />
    <PasswordInput labelText="Password" name="password" autocomplete="current-password" required />
    <Button type="submit">Sign in</Button>
  </form>
  {#if data.open}<p>New here? <a href="/sign-up">Make a club of your own</a>.</p>{:else}<p>
      New here? Ask a head coach of your club for a link.
    </p>{/if}
  <p class="note">Jaleo supports a qualified coach. It does not diagnose, treat or clear: a licensed clinician does.</p>
</EntryPage>

<style>
  form {
    display: grid;
    gap: 16px;
    justify-items: stretch;
  }
</style>
