<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button } from 'carbon-components-svelte';
  import LibraryTabs from '$lib/ui/library/LibraryTabs.svelte';

  let { data, form } = $props();
  let name = $state('');
  const changes = $derived(form?.changes ?? []);
  const count = $derived(form && 'count' in form ? Number(form.count) : 0);
  const ready = $derived(
    form?.name !== undefined && form.name === name && (form.issues?.length ?? 0) === 0 && count > 0,
  );
</script>

<svelte:head><title>Files in and out · Library · Jaleo</title></svelte:head>

<div class="page">
  <h1>Library</h1>
  <LibraryTabs />
  <div class="split">
    <section>
      <h2>Out</h2>
      <p>
        {data.count} exercises, {data.ladders} ladders and {data.sports} sports as the club has them, {data.own} of them its
        own.
      </p>
      <ul>
        <li>
          <a href="/library/exchange/library.json" download>Everything as JSON</a>
          <span class="note">with drawings</span>
        </li>
        <li>
          <a href="/library/exchange/exercises.csv" download>Exercises as CSV</a>
          <span class="note">for a spreadsheet</span>
        </li>
        <li>
          <a href="/library/exchange/schema.json">The JSON Schema</a>
          <span class="note">what a file must look like</span>
        </li>
      </ul>
      <p class="note">
        In the CSV, lists are joined by “ | ”, shares and demands read name:number, and a fault reads seen &gt; say
        [screen]. Places on ladders are said by the ladders, not by the exercise.
      </p>
    </section>
    <section>
      <h2>In</h2>
      {#if data.may.plan}
        <p>Choose a file, look at what it would change, then take it in: all of it, or nothing.</p>
        <form method="post" action="?/preview" enctype="multipart/form-data" use:enhance={keep}>
          <label class="file">
            <span class="label">Library file, .json or .csv</span>
            <input
              type="file"
              name="file"
              accept=".json,.csv"
              onchange={(event) => (name = event.currentTarget.files?.[0]?.name ?? '')}
            />
          </label>
          <div class="acts">
            <Button type="submit" size="small" kind="tertiary">Preview</Button>
            {#if ready}
              <Button type="submit" size="small" formaction="?/take"
                >Take in {count} {count === 1 ? 'change' : 'changes'}</Button
              >
            {/if}
          </div>
        </form>
      {:else}
        <p class="note">Your role reads the library; a coach takes files in.</p>
      {/if}
      <div role="status">
        {#if form?.message}<p class="warn-text">{form.message}</p>{/if}
        {#if form?.taken !== undefined && form.taken !== null}
          <p><b>{form.taken} taken in.</b> They count from now.</p>
        {:else if form?.name && (form.issues?.length ?? 0) === 0}
          <p>
            <b>{count === 0 ? 'Nothing would change.' : `${String(count)} would change.`}</b>
            {form.same} are as they were.
          </p>
        {/if}
      </div>
      {#if form?.issues && form.issues.length > 0}
        <h3>Nothing is taken in until these are right</h3>
        <table>
          <thead><tr><th>Line</th><th>Column</th><th>What is wrong</th></tr></thead>
          <tbody>
            {#each form.issues as issue, i (i)}
              <tr><td class="figure">{issue.line}</td><td>{issue.column}</td><td>{issue.message}</td></tr>
            {/each}
          </tbody>
        </table>
      {/if}
      {#if changes.length > 0}
        <ul class="changes">
          {#each changes as change (`${change.kind} ${change.id}`)}
            <li>
              <p><b>{change.name}</b> <span class="note">{change.kind}{change.fields ? '' : ', new'}</span></p>
              {#each change.fields ?? [] as { field, from, to } (field)}
                <p class="diff"><span class="label">{field}</span> <del>{from}</del> <ins>{to}</ins></p>
              {/each}
            </li>
          {/each}
        </ul>
        {#if count > changes.length}<p class="note">and {count - changes.length} more</p>{/if}
      {/if}
    </section>
  </div>
</div>

<style>
  .page {
    padding: 14px 24px 48px;
    max-width: 1160px;
  }
  .split {
    display: grid;
    grid-template-columns: minmax(0, 0.8fr) minmax(0, 1.2fr);
    gap: 40px;
    padding-top: 14px;
  }
  section {
    display: grid;
    gap: 10px;
    align-content: start;
  }
  form,
  .file {
    display: grid;
    gap: 8px;
  }
  .acts {
    display: flex;
    gap: 12px;
    align-items: center;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th,
  td {
    text-align: left;
    border-bottom: var(--rule);
    padding: 3px 10px 3px 0;
    vertical-align: top;
  }
  .changes li {
    border-bottom: var(--rule);
    padding: 6px 0;
  }
  .diff {
    overflow-wrap: anywhere;
  }
  del {
    color: var(--ink-2);
  }
  ins {
    text-decoration: none;
    border-bottom: 2px solid var(--ink);
    font-weight: 560;
  }
  @media (max-width: 900px) {
    .split {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
