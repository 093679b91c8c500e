<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, PasswordInput, TextInput } from 'carbon-components-svelte';
  import EntryPage from '$lib/ui/shell/EntryPage.svelte';

  let { form } = $props();
  // svelte-ignore state_referenced_locally
  let fields = $state({ name: form?.name ?? '', club: form?.club ?? '', email: form?.email ?? '' });
  const errors = $derived((form?.errors ?? {}) as Record<string, string[] | undefined>);
  const zone = typeof Intl === 'undefined' ? '' : Intl.DateTimeFormat().resolvedOptions().timeZone;
</script>

<EntryPage title="Make a club">
  <form method="post" use:enhance={keep}>
    <TextInput
      labelText="Your name"
      name="name"
      autocomplete="name"
      bind:value={fields.name}
      invalid={!!errors.name}
      invalidText={errors.name?.[0]}
      required
    />
    <TextInput
      labelText="Club"
      name="club"
      bind:value={fields.club}
      invalid={!!errors.club}
      invalidText={errors.club?.[0]}
      required
    />
    <TextInput
      labelText="E-mail"
      type="email"
      name="email"
      autocomplete="email"
      bind:value={fields.email}
      invalid={!!errors.email}
      invalidText={errors.email?.[0]}
      required
    />
    <PasswordInput
      labelText="Password"
      helperText="At least 10 characters."
      name="password"
      autocomplete="new-password"
      invalid={!!errors.password}
      invalidText={errors.password?.[0]}
      required
    />
    <input type="hidden" name="zone" value={zone} />
    <Button type="submit">Make the club</Button>
  </form>
  <p>Already here? <a href="/sign-in">Sign in</a>.</p>
</EntryPage>

<style>
  form {
    display: grid;
    gap: 16px;
  }
</style>
