<script lang="ts">
  import { PasswordInput, TextInput } from 'carbon-components-svelte';
  import type { FieldErrors } from '$lib/model/forms';

  let {
    errors,
    typed,
  }: {
    errors: FieldErrors;
    typed: { readonly name?: string | undefined; readonly email?: string | undefined };
  } = $props();
  // svelte-ignore state_referenced_locally
  let fields = $state({ name: typed.name ?? '', email: typed.email ?? '' });
</script>

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
