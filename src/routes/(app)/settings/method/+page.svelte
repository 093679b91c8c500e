<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import SettingsTabs from '$lib/ui/settings/SettingsTabs.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import type { Trouble } from '$lib/model/forms';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();
  const query = (table: string, row?: string): string =>
    `/settings/method?table=${table}${row ? `&row=${encodeURIComponent(row)}` : ''}`;
  const trouble = (path: string): Trouble | null => (form?.form === `change:${path}` ? form : null);
</script>

<svelte:head><title>Tables of the method · Jaleo</title></svelte:head>

<div class="page">
  <h1>Settings</h1>
  <SettingsTabs />
  <p>
    Every number the rules use stands here. Change one and each card, call and budget reads it from now; put it back and
    the built-in value counts again. Safety rules stay as they are.
  </p>
  <nav class="tables" aria-label="Tables">
    {#each data.tables as { id, name, changed } (id)}
      <a href={query(id)} aria-current={id === data.table ? 'true' : undefined}>{name}{changed ? ' · own' : ''}</a>
    {/each}
  </nav>
  <div class="split">
    <ul class="rows" aria-label="Rows">
      {#each data.rows as { id, name, changed } (id)}
        <li>
          <a href={query(data.table, id)} aria-current={id === data.row ? 'true' : undefined}
            >{name}{#if changed}{' '}<b>own</b>{/if}</a
          >
        </li>
      {/each}
    </ul>
    <table>
      <caption class="unseen">Values of {data.row}</caption>
      <thead><tr><th>Value</th><th>This club</th><th>Built in</th><th></th></tr></thead>
      <tbody>
        {#each data.leaves as leaf (leaf.path)}
          {@const wrong = trouble(leaf.path)?.errors.value?.[0]}
          <tr class:own={leaf.changed}>
            <th scope="row">{leaf.words || 'value'}</th>
            <td>
              {#if data.may.plan && leaf.value !== null}
                <form method="post" action="?/change" use:enhance={keep}>
                  <CommandId of="change:{leaf.path}" shows={{ value: String(leaf.value) }} />
                  <input type="hidden" name="table" value={data.table} />
                  <input type="hidden" name="path" value={leaf.path} />
                  <input
                    name="value"
                    aria-label={leaf.words}
                    aria-invalid={wrong ? 'true' : undefined}
                    value={trouble(leaf.path)?.typed.value ?? String(leaf.value)}
                    onchange={(event) => event.currentTarget.form?.requestSubmit()}
                  />
                  {#if wrong}<span class="warn-text" role="alert">{wrong}</span>{/if}
                </form>
              {:else}{leaf.value ?? '—'}{/if}
            </td>
            <td class="figure">{leaf.standard ?? '—'}</td>
            <td>
              {#if leaf.changed && data.may.plan}
                <form method="post" action="?/putBack" use:enhance={keep}>
                  <CommandId of="putBack:{leaf.path}" />
                  <input type="hidden" name="table" value={data.table} />
                  <input type="hidden" name="path" value={leaf.path} />
                  <QuietButton aria-label="Put back {leaf.words}">Put back</QuietButton>
                </form>
              {/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
</div>

<style>
  .page {
    padding: 16px 24px 48px;
    max-width: 1080px;
  }
  .tables {
    display: flex;
    gap: 20px;
    margin: 12px 0;
    flex-wrap: wrap;
  }
  .tables a[aria-current],
  .rows a[aria-current] {
    font-weight: 680;
    text-decoration: none;
    color: var(--ink);
  }
  .split {
    display: grid;
    grid-template-columns: 260px minmax(0, 1fr);
    gap: 24px;
    border-top: var(--rule);
    padding-top: 12px;
  }
  .rows li {
    padding: 3px 0;
  }
  .rows b {
    font-size: 11.5px;
  }
  table {
    border-collapse: collapse;
    width: 100%;
    align-self: start;
  }
  th,
  td {
    text-align: left;
    padding: 3px 8px 3px 0;
    border-bottom: var(--rule);
    font-weight: 420;
    height: 34px;
  }
  thead th {
    font-size: 12px;
    color: var(--ink-2);
  }
  .own th {
    font-weight: 680;
  }
  input[name='value'] {
    width: 130px;
    height: 30px;
    border: 1px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    padding: 0 8px;
    font: inherit;
    font-variant-numeric: tabular-nums;
  }
  input[aria-invalid] {
    border: 2px solid var(--almagre);
  }
  .unseen {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  @media (pointer: coarse) {
    input[name='value'] {
      height: 44px;
    }
  }
  @media (max-width: 800px) {
    .split {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
