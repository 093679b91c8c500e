<script lang="ts" module>
  import type { Answer } from '$core/track';

  export interface RosterRow {
    readonly id: string;
    readonly name: string;
    readonly role: string | null;
    readonly age: number | null;
    readonly bodyMassKg: number | null;
    readonly liftLevel: string;
    readonly jumpLevel: string;
    readonly unknown: readonly string[];
    readonly consentMissing: boolean;
    readonly mornings: readonly { day: string; answer: Answer }[];
    readonly complaints: readonly { words: string; stops: boolean }[];
  }
</script>

<script lang="ts">
  import { Button, Checkbox, Select, SelectItem } from 'carbon-components-svelte';
  import { LEVELS } from '$core/library';
  import { massFromKg, type MassUnit } from '$core/units';
  import type { Trouble } from '$lib/model/forms';
  import { enhance } from '../parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import { listWords } from '$lib/messages';
  import MorningString from '../parts/MorningString.svelte';

  let {
    squadId,
    athletes,
    mass,
    editable,
    trouble,
    changed,
  }: {
    squadId: string;
    athletes: readonly RosterRow[];
    mass: MassUnit;
    editable: boolean;
    trouble: Trouble | null;
    changed: number | null;
  } = $props();
  const shownMornings = 4;
  let chosen = $state.raw<ReadonlySet<string>>(new Set());
  const all = $derived(chosen.size === athletes.length);
  const errors = $derived([...(trouble?.errors.ids ?? []), ...(trouble?.errors.liftLevel ?? [])]);
  function choose(ids: readonly string[], is: boolean): void {
    const now = new Set(chosen);
    for (const id of ids)
      if (is) now.add(id);
      else now.delete(id);
    chosen = now;
  }
</script>

<div class="scroll">
  <table>
    <thead>
      <tr
        >{#if editable}<th class="check"
            ><Checkbox
              labelText="Choose everybody"
              hideLabel
              checked={all}
              indeterminate={chosen.size > 0 && !all}
              on:check={({ detail }) =>
                choose(
                  athletes.map(({ id }) => id),
                  detail,
                )}
            /></th
          >{/if}<th>Athlete</th><th class="num">Age</th><th class="num">Mass, {mass}</th><th>Lift level</th><th
          >Jump level</th
        ><th>Not known yet</th><th>Mornings</th><th>Complaints</th></tr
      >
    </thead>
    <tbody>
      {#each athletes as row (row.id)}
        <tr>
          {#if editable}<td class="check"
              ><Checkbox
                labelText="Choose {row.name}"
                hideLabel
                checked={chosen.has(row.id)}
                on:check={({ detail }) => choose([row.id], detail)}
              /></td
            >{/if}
          <td class="who"
            ><a href="/squad/{squadId}/{row.id}">{row.name}</a>{#if row.role}<span class="note role">{row.role}</span
              >{/if}</td
          >
          <td class="num figure">{row.age ?? '·'}</td>
          <td class="num figure">{row.bodyMassKg === null ? '·' : Math.round(massFromKg(row.bodyMassKg, mass))}</td>
          <td>{row.liftLevel}</td>
          <td>{row.jumpLevel}</td>
          <td class="note"
            >{row.unknown.length === 0 ? '' : listWords(row.unknown)}{#if row.consentMissing}<span class="warn-text"
                >{row.unknown.length === 0 ? '' : ' · '}no guardian consent</span
              >{/if}</td
          >
          <td class="mornings"
            >{#each row.mornings.slice(-shownMornings) as { day, answer } (day)}<MorningString
                {answer}
                width={26}
              />{/each}</td
          >
          <td
            >{#each row.complaints as { words, stops }, i (i)}<span class:warn-text={stops}
                >{i > 0 ? ', ' : ''}{words}</span
              >{/each}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if editable && chosen.size > 0}
  <form
    method="post"
    action="?/levels"
    use:enhance={() =>
      async ({ result, update }) => {
        await update({ reset: false });
        if (result.type === 'success') chosen = new Set();
      }}
  >
    <CommandId of="levels" />
    {#each [...chosen] as id (id)}<input type="hidden" name="ids" value={id} />{/each}
    <b>{chosen.size} chosen</b>
    {#each [['liftLevel', 'Lift level'], ['jumpLevel', 'Jump level']] as [name, label] (name)}
      <Select size="sm" {name} labelText={label} selected="">
        <SelectItem value="" text="as it is" />
        {#each LEVELS as level (level)}<SelectItem value={level} text={level} />{/each}
      </Select>
    {/each}
    <Button type="submit" size="small" kind="tertiary">Set for all chosen</Button>
    {#if errors.length > 0}<p class="warn-text" role="alert">{errors.join(' ')}</p>{/if}
  </form>
{:else if changed !== null}
  <p role="status">{changed === 1 ? 'One athlete was changed.' : `${String(changed)} athletes were changed.`}</p>
{/if}

<style>
  .scroll {
    overflow-x: auto;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-size: 12px;
    font-weight: 560;
    font-stretch: 90%;
    color: var(--ink-2);
    border-bottom: var(--bold-rule);
    padding: 4px 12px 4px 0;
    white-space: nowrap;
  }
  td {
    border-bottom: var(--rule);
    height: 34px;
    padding: 0 12px 0 0;
    white-space: nowrap;
    font-stretch: 90%;
  }
  td.who {
    font-weight: 600;
  }
  td.who .role {
    font-weight: 420;
    margin-left: 7px;
  }
  .check {
    width: 30px;
  }
  .check :global(.bx--form-item) {
    margin: 0;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
    border: 2px solid var(--ink);
    padding: 8px 12px;
  }
  form :global(.bx--form-item) {
    flex: 0 0 150px;
  }
  .num {
    text-align: right;
    padding-right: 20px;
  }
  td a,
  td a:visited {
    color: var(--ink);
    text-decoration-color: var(--edge);
    text-underline-offset: 3px;
  }
  .mornings :global(svg) {
    display: inline-block;
    vertical-align: middle;
    margin-right: 5px;
  }
  @media (pointer: coarse) {
    td {
      height: 46px;
    }
  }
</style>
