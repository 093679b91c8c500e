<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { page } from '$app/state';
  import OwnPage from '$lib/ui/own/OwnPage.svelte';

  let { data, form } = $props();
  const back = $derived(page.url.pathname.replace(/\/moment$/, ''));
  let away = $state(false);
</script>

<OwnPage title="In play, {data.firstName}" day={data.day}>
  {#if form?.kept}
    <h1>Thanks, {data.firstName}</h1>
    <p>Your coach sees it, and your next cards lean to it for a block.</p>
  {:else}
    <form
      method="post"
      use:enhance={() =>
        async ({ result, update }) => {
          away = result.type === 'error' && result.status === undefined;
          if (!away) await update({ reset: false });
        }}
    >
      <fieldset>
        <legend><h1>Where does it go wrong in play?</h1></legend>
        {#each [...data.moments, { id: '', name: 'nothing stands out' }] as { id, name } (id)}
          <label><input type="radio" name="moment" value={id} checked={id === data.chosen} /><span>{name}</span></label>
        {/each}
      </fieldset>
      {#if form?.message}<p class="warn-text" role="alert">{form.message}</p>{/if}
      {#if away}<p class="warn-text" role="alert">No connection. Your answer is still here: press Send again.</p>{/if}
      <p class="note">Pain is not for here: say it with the morning answer.</p>
      <button class="main">Send</button>
    </form>
  {/if}
  <p><a href={back}>Your morning answer</a></p>
</OwnPage>

<style>
  form {
    display: grid;
    gap: 12px;
  }
  legend {
    margin-bottom: 8px;
  }
  label {
    display: flex;
    align-items: center;
    min-height: 52px;
    padding: 0 14px;
    border-bottom: var(--rule);
    cursor: pointer;
  }
  label:has(input:checked) {
    background: var(--ink);
    color: var(--cal);
  }
  input {
    position: absolute;
    opacity: 0;
  }
</style>
