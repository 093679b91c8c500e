<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { page } from '$app/state';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import TypedField from '$lib/ui/parts/TypedField.svelte';
  import SettingsTabs from '$lib/ui/settings/SettingsTabs.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();
  const link = $derived(form?.form === 'invite' && 'link' in form ? `${page.url.origin}${String(form.link)}` : '');
  const wrong = $derived((form?.errors as Record<string, string[] | undefined> | undefined)?.userId?.[0]);
</script>

<svelte:head><title>People · Jaleo</title></svelte:head>

<div class="page">
  <h1>Settings</h1>
  <SettingsTabs />
  <section>
    <h2>Staff</h2>
    <ul>
      {#each data.people as one (one.userId)}
        <li>
          <span><b>{one.name}</b> <span class="note">{one.email}</span></span>
          <span>{one.role}</span>
          {#if data.may.plan && !one.isMe}
            <form
              method="post"
              action="?/remove"
              use:enhance
              onsubmit={(event) => {
                if (!confirm(`Take ${one.name} out of the club? They are signed out at once.`)) event.preventDefault();
              }}
            >
              <input type="hidden" name="userId" value={one.userId} />
              <QuietButton aria-label="Take {one.name} out">Take out</QuietButton>
            </form>
          {/if}
        </li>
      {/each}
    </ul>
    {#if wrong}<p class="warn-text" role="alert">{wrong}</p>{/if}
  </section>
  {#if data.may.plan}
    <section>
      <h2>Invite by link</h2>
      <form class="row" method="post" action="?/invite" use:enhance={keep}>
        <Select size="sm" labelText="The person may" name="role" selected="assistant">
          {#each data.roles as { id, words } (id)}<SelectItem value={id} text={words} />{/each}
        </Select>
        <Button type="submit" size="small" kind="tertiary">Make the link</Button>
      </form>
      {#if link}
        <label class="link"
          >Works once, for two weeks. It is shown only now.
          <input readonly value={link} onfocus={(event) => event.currentTarget.select()} /></label
        >
      {/if}
      <ul>
        {#each data.invites as one (one.id)}
          <li>
            <span>Not used yet, until {one.until}</span>
            <span>{one.role}</span>
            <form method="post" action="?/endInvite" use:enhance>
              <input type="hidden" name="id" value={one.id} /><QuietButton>End the link</QuietButton>
            </form>
          </li>
        {/each}
      </ul>
    </section>
    <section>
      <h2>Health notes</h2>
      <p>
        Closed complaints and morning answers are forgotten after this long; open ones never. Doses and sets stay. <span
          class="rule-id">SAFE-7</span
        >
      </p>
      <form class="row" method="post" action="?/health" use:enhance={keep}>
        <CommandId of="health" shows={{ months: String(data.healthMonths) }} />
        <TypedField
          label="Kept for, months"
          name="months"
          value={String(data.healthMonths)}
          trouble={form?.form === 'health' ? form : null}
        />
        <Button type="submit" size="small" kind="tertiary">Keep</Button>
      </form>
    </section>
  {/if}
</div>

<style>
  .page {
    padding: 14px 16px 32px;
  }
  section {
    max-width: 760px;
    padding-bottom: 20px;
    margin-bottom: 20px;
    border-bottom: var(--rule);
    display: grid;
    gap: 10px;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 180px 110px;
    gap: 16px;
    align-items: center;
    min-height: 40px;
    border-top: var(--rule);
  }
  li form {
    justify-self: end;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 360px) auto;
    gap: 16px;
    align-items: end;
    justify-content: start;
  }
  .link {
    display: grid;
    gap: 4px;
  }
  .link input {
    min-height: 40px;
    padding: 0 10px;
    border: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    font: inherit;
  }
</style>
