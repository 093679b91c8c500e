<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, PasswordInput } from 'carbon-components-svelte';

  let { data, form } = $props();
  const errors = $derived((form?.errors ?? {}) as Record<string, string[] | undefined>);
</script>

<svelte:head><title>Your account · Jaleo</title></svelte:head>

<div class="page">
  <h1>Your account</h1>
  <p>{data.person.name}, {data.person.email}</p>
  <section>
    <h2>Change the password</h2>
    <form method="post" action="?/password" use:enhance>
      <PasswordInput
        size="sm"
        labelText="Current password"
        name="current"
        autocomplete="current-password"
        invalid={!!errors.current}
        invalidText={errors.current?.[0]}
        required
      />
      <PasswordInput
        size="sm"
        labelText="New password"
        helperText="At least 10 characters. Three or four words that do not belong together do well."
        name="password"
        autocomplete="new-password"
        invalid={!!errors.password}
        invalidText={errors.password?.[0]}
        required
      />
      <Button type="submit" size="small" kind="tertiary">Change it</Button>
      <p role="status">{form?.form === 'password' ? (form.kept ?? '') : ''}</p>
    </form>
  </section>
  <section>
    <h2>Where you are signed in</h2>
    <p>
      Here{data.elsewhere === 0
        ? ' only'
        : ` and in ${String(data.elsewhere)} other ${data.elsewhere === 1 ? 'place' : 'places'}`}.
    </p>
    <form method="post" action="?/sessions" use:enhance>
      <Button type="submit" size="small" kind="tertiary" disabled={data.elsewhere === 0}
        >Sign out everywhere else</Button
      >
      <p role="status">{form?.form === 'sessions' ? (form.kept ?? '') : ''}</p>
    </form>
  </section>
</div>

<style>
  .page {
    max-width: 480px;
    padding: 14px 16px 32px;
    display: grid;
    gap: 16px;
  }
  section {
    border-top: var(--rule);
    padding-top: 12px;
    display: grid;
    gap: 12px;
  }
  form {
    display: grid;
    gap: 12px;
  }
  form :global(.bx--btn) {
    justify-self: start;
  }
</style>
