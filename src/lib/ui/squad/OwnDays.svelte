<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { enhance } from '$lib/ui/parts/enhance';
  import type { Trouble } from '$lib/model/forms';
  import CommandId from '../parts/CommandId.svelte';
  import FoldSection from '../parts/FoldSection.svelte';
  import DayField from '../parts/DayField.svelte';
  import TypedField from '../parts/TypedField.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    days,
    today,
    editable,
    trouble,
  }: {
    days: readonly { id: string; kind: 'event' | 'exams' | 'away'; name: string; words: string }[];
    today: string;
    editable: boolean;
    trouble: Trouble | null;
  } = $props();

  const KINDS = { event: 'plays with others', exams: 'exams: less of everything', away: 'away: no card' };
  // a form that was refused stays open with what was typed
  // svelte-ignore state_referenced_locally
  let open = $state(trouble !== null);
  $effect(() => {
    if (trouble) open = true;
  });
</script>

<FoldSection title="Own calendar" change="Add days" {editable} bind:open>
  <ul>
    {#each days as { id, kind, name, words } (id)}
      <li>
        <span><b>{name}</b> {words} <span class="note">{KINDS[kind]}</span></span>
        {#if editable}<form method="post" action="?/removeDays" use:enhance>
            <CommandId of="removeDays {id}" /><input type="hidden" name="id" value={id} /><QuietButton
              aria-label="Remove {name}, {words}">Remove</QuietButton
            >
          </form>{/if}
      </li>
    {:else}<li class="note">Only what the squad has. A call-up, an exam week or a trip goes here.</li>{/each}
  </ul>
  {#snippet form()}
    <form
      class="fields"
      method="post"
      action="?/ownDays"
      use:enhance={() =>
        async ({ update, result }) => {
          await update({ reset: result.type === 'success' });
          if (result.type === 'success') open = false;
        }}
    >
      <CommandId of="ownDays" />
      <TypedField name="name" label="What" {trouble} />
      <div class="two">
        <DayField name="from" label="From" value={today} {trouble} />
        <DayField name="to" label="Until" value={today} {trouble} />
      </div>
      <Select size="sm" labelText="Then" name="kind" selected={trouble?.typed.kind ?? 'event'}>
        {#each Object.entries(KINDS) as [value, text] (value)}<SelectItem {value} {text} />{/each}
      </Select>
      <Button type="submit" size="small">Keep these days</Button>
    </form>
  {/snippet}
</FoldSection>

<style>
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 6px;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
  }
  .fields {
    display: grid;
    gap: 10px;
  }
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px;
  }
  .two :global(input) {
    min-width: 0;
    width: 100%;
  }
</style>
