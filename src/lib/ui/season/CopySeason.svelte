<script lang="ts">
  import { longDate } from '$lib/messages';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import type { SeasonPage } from '$lib/model/season';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import DayField from '../parts/DayField.svelte';

  let {
    others,
    start,
    trouble,
  }: { others: SeasonPage['others']; start: string; trouble: (form: string) => Trouble | null } = $props();
</script>

<section aria-label="Copy a season">
  {#if others.length > 0}
    <h2>Or as another squad’s</h2>
    <form method="post" action="?/copy" use:enhance>
      <CommandId of="copy" />
      <Select size="sm" labelText="Squad" name="squad"
        >{#each others as { id, name, start: from } (id)}<SelectItem
            value={id}
            text="{name}, from {longDate(from)}"
          />{/each}</Select
      >
      <DayField name="start" label="It starts here on" value={start} trouble={trouble('copy')} />
      <label><input type="checkbox" name="events" checked /> With its events</label>
      {#if trouble('copy')?.errors.squad}<p class="warn-text" role="alert">{trouble('copy')?.errors.squad?.[0]}</p>{/if}
      <Button type="submit" size="small" kind="tertiary">Copy it</Button>
    </form>
  {/if}
  <h2>Or from a season file</h2>
  <form method="post" action="?/file" enctype="multipart/form-data" use:enhance>
    <CommandId of="file" />
    <label class="file">Season file, .json <input type="file" name="file" accept=".json,application/json" /></label>
    {#if trouble('file')?.errors.file}<p class="warn-text" role="alert">{trouble('file')?.errors.file?.[0]}</p>{/if}
    <Button type="submit" size="small" kind="tertiary">Take this season</Button>
  </form>
</section>

<style>
  .file {
    display: grid;
    gap: 6px;
    font-size: 13px;
  }
  section,
  form {
    display: grid;
    gap: 10px;
    align-content: start;
    grid-template-columns: minmax(0, 1fr);
  }
</style>
