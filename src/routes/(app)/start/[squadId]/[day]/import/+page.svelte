<script lang="ts">
  import { longDate } from '$lib/messages';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem, SelectItemGroup, TextArea } from 'carbon-components-svelte';

  let { data, form } = $props();
  const file = $derived(form?.file ?? null);
  let text = $state('');
  /** what the coach changed in the mapping; the guess stands for the rest */
</script>

<svelte:head><title>Import results · {data.squad.name} · Jaleo</title></svelte:head>

<div class="page">
  <header>
    <h1>Import results</h1>
    <a class="quiet" href="/start/{data.squad.id}/{data.day}">Back to the testing day</a>
  </header>
  <p class="lead">
    A CSV or a table copied from a spreadsheet: one line an athlete with a column for each test, or one line a result
    with athlete, test, side, day and value. Lines without a day are of {data.dayWords}. Nothing is written until you
    take it in.
  </p>
  <form method="post" action="?/preview" enctype="multipart/form-data" use:enhance={keep}>
    <div class="in">
      <label
        ><span class="label">CSV file</span><input type="file" name="file" accept=".csv,.tsv,.txt,text/csv" /></label
      >
      <TextArea labelText="Or paste the table, headings first" name="text" rows={4} bind:value={text} />
    </div>
    {#if form?.message}<p role="alert" class="warn-text">{form.message}</p>{/if}
    {#if file && form?.taken === null}
      <h2>What the columns hold</h2>
      <div class="columns">
        {#each file.header as heading, i (i)}
          <Select
            size="sm"
            labelText={heading || `column ${String(i + 1)}`}
            name="column"
            selected={file.columns[i] ?? 'ignore'}
          >
            <SelectItem value="ignore" text="leave out" />
            <SelectItem value="athlete" text="athlete" />
            <SelectItem value="day" text="day" />
            <SelectItem value="side" text="side" />
            <SelectItem value="test" text="name of the test" />
            <SelectItem value="value" text="value" />
            <SelectItemGroup label="a test">
              {#each data.tests as test (test.id)}
                {#if test.sides}
                  <SelectItem value="test:{test.id}@left" text="{test.name}, left" />
                  <SelectItem value="test:{test.id}@right" text="{test.name}, right" />
                {/if}
                <SelectItem value="test:{test.id}" text={test.name} />
              {/each}
            </SelectItemGroup>
          </Select>
        {/each}
      </div>
    {/if}
    <div class="acts">
      <Button type="submit" size="small" kind="tertiary">{file ? 'Read again' : 'Preview'}</Button>
      {#if file && form?.taken === null && file.count > 0}
        <Button type="submit" size="small" formaction="?/take"
          >Take in {file.count}{file.badCount > 0
            ? `, leave out what is wrong in ${String(file.badCount)} lines`
            : ''}</Button
        >
      {/if}
    </div>
  </form>

  {#if file && form?.taken !== null && form?.taken !== undefined}
    <p role="status"><b>{form.taken} results taken in</b> from {file.name}.</p>
  {:else if file}
    <p role="status">
      <b>{file.count}</b> results in <b>{file.lines}</b> lines of {file.name}; <b>{file.badCount}</b> lines cannot be
      taken.
      {#if file.asks > 0}<b>{file.asks}</b>
        {file.asks === 1 ? 'is' : 'are'} far from the athlete's last value: kept, and not counted until you say on that day
        that {file.asks === 1 ? 'it is' : 'they are'} right.{/if}
    </p>
    {#if file.bad.length > 0}
      <h2>Lines left out</h2>
      <ul class="bad">
        {#each file.bad as { line, why } (line)}<li><b>Line {line}</b> {why}</li>{/each}
      </ul>
      {#if file.badCount > file.bad.length}<p class="note">and {file.badCount - file.bad.length} more.</p>{/if}
    {/if}
    {#if file.sample.length > 0}
      <h2>The first of them</h2>
      <table>
        <thead><tr><th>athlete</th><th>test</th><th>side</th><th>day</th><th class="number">value</th></tr></thead>
        <tbody>
          {#each file.sample as one, i (i)}
            <tr class:asks={one.asks}
              ><td>{one.athlete}</td><td>{one.test}</td><td>{one.side === 'both' ? '' : one.side}</td><td
                >{longDate(one.day)}</td
              ><td class="number">{one.value}{one.asks ? ' ?' : ''}</td></tr
            >
          {/each}
        </tbody>
      </table>
    {/if}
  {/if}
</div>

<style>
  .page {
    padding: 14px 16px 48px;
    display: grid;
    gap: 14px;
    max-width: 1000px;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .lead {
    max-width: 720px;
  }
  form {
    display: grid;
    gap: 14px;
  }
  .in {
    display: grid;
    grid-template-columns: 280px minmax(0, 1fr);
    gap: 24px;
  }
  .in label {
    display: grid;
    gap: 6px;
    align-content: start;
  }
  input[type='file'] {
    color: var(--ink);
    font: inherit;
  }
  input[type='file']::file-selector-button {
    border: 1px solid var(--ink);
    background: transparent;
    color: var(--ink);
    font: inherit;
    padding: 4px 12px;
    margin-right: 10px;
  }
  .columns {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
    gap: 10px 14px;
  }
  .acts {
    display: flex;
    gap: 12px;
  }
  .bad {
    max-height: 220px;
    overflow: auto;
    border: var(--rule);
    padding: 8px 12px;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th {
    text-align: left;
    font-size: 12px;
    font-weight: 420;
    border-bottom: 1px solid var(--ink);
  }
  td {
    border-bottom: var(--rule);
    height: 28px;
  }
  .number {
    text-align: right;
  }
  @media (max-width: 700px) {
    .in {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
