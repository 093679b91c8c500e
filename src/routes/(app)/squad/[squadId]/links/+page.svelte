<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import { enhance } from '$lib/ui/parts/enhance';

  let { data, form } = $props();
  const { squad, athletes } = $derived(data);
  const links = $derived(form && 'links' in form ? form.links : null);
  const linked = $derived(athletes.filter((one) => one.linked).length);
  let copied = $state(false);

  async function copy(): Promise<void> {
    await navigator.clipboard.writeText((links ?? []).map(({ name, link }) => `${name}\t${link}`).join('\n'));
    copied = true;
  }
  const picture = (svg: string): string => `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`;
</script>

<svelte:head><title>Check-in links, {squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <header>
    <h1>Check-in links</h1>
    <span class="note">{linked} of {athletes.length} have one</span>
    <a class="quiet" href="/squad/{squad.id}">Back to the squad</a>
  </header>
  <p class="note screen">
    A link opens one athlete’s check-in, card and calendar without an account. It is shown once, on paper as a code or
    in a list to send; whoever loses it gets a new one, which ends the old.
  </p>
  {#if form?.message}<p class="warn-text" role="alert">{form.message}</p>{/if}
  {#if data.plans}
    <div class="buttons screen">
      {#if linked < athletes.length}<form method="post" action="?/make" use:enhance>
          <CommandId of="make missing" /><input type="hidden" name="who" value="missing" /><Button
            type="submit"
            size="small">Make {athletes.length - linked} links</Button
          >
        </form>{/if}
      <form method="post" action="?/make" use:enhance>
        <CommandId of="make all" /><input type="hidden" name="who" value="all" /><Button
          type="submit"
          size="small"
          kind="tertiary">New links for everybody, end the old</Button
        >
      </form>
      {#if linked > 0}<form method="post" action="?/end" use:enhance>
          <CommandId of="end" /><Button type="submit" size="small" kind="ghost">End all {linked}</Button>
        </form>{/if}
    </div>
  {/if}
  {#if links}
    <div class="buttons screen">
      <Button size="small" kind="tertiary" on:click={() => window.print()}>Print the codes</Button>
      <Button size="small" kind="tertiary" on:click={() => void copy()}>Copy as a list</Button>
      <span role="status">{copied ? `${String(links.length)} links copied, a name and a link on each line.` : ''}</span>
    </div>
    <ul class="codes">
      {#each links as { name, link, code } (link)}
        <li>
          <img src={picture(code)} alt="Code of {name}’s link" width="132" height="132" />
          <b>{name}</b>
          <span class="note">{squad.name}: how are the legs?</span>
          <input
            class="screen"
            readonly
            value={link}
            aria-label="Link of {name}"
            onfocus={(event) => event.currentTarget.select()}
          />
        </li>
      {:else}<li class="note">Everybody has a link already.</li>{/each}
    </ul>
  {:else}
    <ul class="names">
      {#each athletes as { id, name, linked: has } (id)}<li>
          {name} <span class="note">{has ? 'has a link' : 'none yet'}</span>
        </li>{/each}
    </ul>
  {/if}
</div>

<style>
  .page {
    padding: 14px 16px 32px;
    display: grid;
    gap: 14px;
    align-content: start;
  }
  header,
  .buttons {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  header .quiet {
    margin-left: auto;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .codes {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
    gap: 12px;
  }
  .codes li {
    border: 1px solid var(--edge);
    background: #fff;
    color: #000;
    padding: 10px;
    display: grid;
    justify-items: center;
    gap: 4px;
    break-inside: avoid;
  }
  .codes .note {
    color: #333;
  }
  .codes input {
    width: 100%;
    min-width: 0;
    font: inherit;
    font-size: 11px;
    background: #fff;
    color: #000;
    border: 1px solid #777;
    padding: 3px 6px;
  }
  .names {
    columns: 3 200px;
  }
  .names li {
    padding: 3px 0;
  }
  @media print {
    .screen,
    header .quiet {
      display: none;
    }
  }
</style>
