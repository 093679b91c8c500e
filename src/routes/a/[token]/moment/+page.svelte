<script lang="ts">
  import { enhance } from '$app/forms';
  import { page } from '$app/state';

  let { data, form } = $props();
  const back = $derived(page.url.pathname.replace(/\/moment$/, ''));
  let away = $state(false);
</script>

<svelte:head><title>In play, {data.firstName} · Jaleo</title><meta name="robots" content="noindex" /></svelte:head>
<header><b>Jaleo</b><span>{data.day}</span></header>
<main>
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
</main>

<style>
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    padding: 12px 20px;
    border-bottom: var(--bold-rule);
  }
  header b {
    font-size: 18px;
    font-weight: 720;
    font-stretch: 122%;
  }
  main,
  form {
    display: grid;
    gap: 12px;
  }
  main {
    max-width: 460px;
    margin: 0 auto;
    padding: 14px 20px 32px;
    font-size: 16px;
    line-height: 22px;
  }
  h1 {
    font-size: 25px;
    line-height: 32px;
  }
  fieldset {
    border: 0;
    padding: 0;
    margin: 0;
    min-width: 0;
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
  label:has(input:focus-visible) {
    outline: 2px solid var(--cds-focus);
    outline-offset: 2px;
  }
  input {
    position: absolute;
    opacity: 0;
  }
  .main {
    min-height: 52px;
    border: 0;
    background: var(--almagre);
    color: var(--on-almagre);
    font-size: 18px;
    font-weight: 640;
    cursor: pointer;
  }
</style>
