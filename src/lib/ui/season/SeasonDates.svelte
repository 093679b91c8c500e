<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { weekdayWord } from '$lib/messages';
  import type { Trouble } from '$lib/model/forms';
  import { seasonTexts } from '$lib/model/shown/squad';
  import type { SeasonPage } from '$lib/model/season';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import DayField from '../parts/DayField.svelte';
  import TypedField from '../parts/TypedField.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    season,
    proposed,
    editable,
    trouble,
  }: {
    season: SeasonPage['season'];
    proposed: SeasonPage['proposed'];
    editable: boolean;
    trouble: (form: string) => Trouble | null;
  } = $props();

  const typed = (form: string, field: string, value: string): string => trouble(form)?.typed[field] ?? value;
</script>

<section aria-label="Season dates">
  <h2>Season</h2>
  {#if editable}
    <form method="post" action="?/season" use:enhance={keep}>
      <CommandId of="season" shows={season && seasonTexts(season)} />
      <DayField name="start" label="First day" value={season?.start ?? proposed.start} trouble={trouble('season')} />
      <DayField name="end" label="Last day" value={season?.end ?? proposed.end} trouble={trouble('season')} />
      <TypedField
        name="sessionsAWeek"
        label="Sessions a week (empty: every gym day)"
        value={season?.sessionsAWeek == null ? '' : String(season.sessionsAWeek)}
        trouble={trouble('season')}
      />
      <Button type="submit" size="small" kind={season ? 'tertiary' : 'primary'}
        >{season ? 'Keep season' : 'Plan this season'}</Button
      >
    </form>
  {/if}
</section>
{#if season}
  <section aria-label="Days without the gym">
    <h2>Gym closed, exams</h2>
    <ul>
      {#each season.closures as { id, name, words, kind } (id)}
        <li>
          <span><b>{name}</b> {words} <span class="note">{kind === 'exams' ? 'lighter week' : 'closed'}</span></span>
          {#if editable}<form method="post" action="?/removePart" use:enhance>
              <CommandId of="removePart" /><input type="hidden" name="id" value={id} /><QuietButton
                aria-label="Remove {name}">Remove</QuietButton
              >
            </form>{/if}
        </li>
      {:else}<li class="note">None. Holidays, travel and a lost hall go here.</li>{/each}
    </ul>
    {#if editable}
      <form method="post" action="?/closure" use:enhance>
        <CommandId of="closure" />
        <TypedField name="name" label="What" trouble={trouble('closure')} />
        <div class="two">
          <DayField name="from" label="From" value={season.start} trouble={trouble('closure')} />
          <DayField name="to" label="Until" value={season.start} trouble={trouble('closure')} />
        </div>
        <Select size="sm" labelText="The gym is" name="kind" selected={typed('closure', 'kind', 'closed')}>
          <SelectItem value="closed" text="closed" /><SelectItem value="exams" text="open, exams: a lighter week" />
        </Select>
        <Button type="submit" size="small" kind="tertiary">Add days</Button>
      </form>
    {/if}
  </section>
  <section aria-label="Practices">
    <h2>Practices</h2>
    <ul>
      {#each season.practices as { id, weekday, start, minutes, hardness } (id)}
        <li>
          <span><b>{weekdayWord(weekday)} {start}</b> {minutes} min, hardness {hardness}</span>
          {#if editable}<form method="post" action="?/removePart" use:enhance>
              <CommandId of="removePart" /><input type="hidden" name="id" value={id} /><QuietButton
                aria-label="Remove practice on {weekdayWord(weekday)}">Remove</QuietButton
              >
            </form>{/if}
        </li>
      {:else}<li class="note">None named yet.</li>{/each}
    </ul>
    {#if editable}
      <form method="post" action="?/practice" use:enhance>
        <CommandId of="practice" />
        <div class="two">
          <Select size="sm" labelText="Weekday" name="weekday" selected={typed('practice', 'weekday', '2')}
            >{#each [1, 2, 3, 4, 5, 6, 7] as weekday (weekday)}<SelectItem
                value={String(weekday)}
                text={weekdayWord(weekday)}
              />{/each}</Select
          >
          <TypedField name="start" label="Start" value="20:00" trouble={trouble('practice')} />
          <TypedField name="minutes" label="Minutes" value="90" trouble={trouble('practice')} />
          <TypedField name="hardness" label="Hardness 0–10" value="5" trouble={trouble('practice')} />
        </div>
        <TextInput size="sm" labelText="Jumps, about" name="jumps" value={typed('practice', 'jumps', '0')} />
        <Button type="submit" size="small" kind="tertiary">Add practice</Button>
      </form>
    {/if}
  </section>
{/if}

<style>
  section,
  section > form {
    display: grid;
    gap: 10px;
    align-content: start;
    grid-template-columns: minmax(0, 1fr);
  }
  section :global(input) {
    min-width: 0;
    width: 100%;
  }
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px;
  }
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
</style>
