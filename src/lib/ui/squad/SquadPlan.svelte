<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { weekdayOf, type GymDay } from '$core/calendar';
  import { dayWords, shortDate, weekdayWord } from '$lib/messages';
  import type { Kit } from '$lib/model/kit';
  import type { SquadAims } from '$core/startline';
  import type { ComponentProps } from 'svelte';
  import type { Trouble } from '$lib/model/forms';
  import { gymDaysTexts } from '$lib/model/shown/squad';
  import SquadAimsSection from './SquadAims.svelte';
  import CommandId from '../parts/CommandId.svelte';
  import GymTimes from './GymTimes.svelte';
  import DayField from '$lib/ui/parts/DayField.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    squad,
    events,
    facilities,
    sports,
    ownSchools,
    aims,
    resultTests,
    today,
    editable,
    trouble,
  }: {
    squad: { id: string; gymDays: readonly GymDay[]; kit: Kit; facilityId: string; sportId: string };
    events: readonly { id: string; day: string; name: string; kind: string }[];
    facilities: readonly { id: string; name: string }[];
    sports: readonly { id: string; name: string }[];
    ownSchools: number;
    aims: SquadAims;
    resultTests: ComponentProps<typeof SquadAimsSection>['tests'];
    today: string;
    editable: boolean;
    trouble: (form: string) => Trouble | null;
  } = $props();

  const KINDS = ['friendly', 'league', 'cup', 'final'];
  const inForm = (form: string, field: string, value: string): string => trouble(form)?.typed[field] ?? value;
  const error = (form: string, field: string): string | undefined => trouble(form)?.errors[field]?.[0];
</script>

<aside aria-label="Plan of the squad">
  <section>
    <h2>Gym days</h2>
    {#if editable}
      <form method="post" action="?/gymDays" use:enhance={keep}>
        <CommandId of="gymDays" shows={gymDaysTexts(squad.gymDays)} />
        <GymTimes gymDays={squad.gymDays} trouble={trouble('gymDays')} />
        <Button type="submit" size="small" kind="tertiary">Keep gym days</Button>
      </form>
    {:else}
      <p>
        {squad.gymDays.map((day) => `${weekdayWord(day.weekday)} ${day.start}, ${String(day.minutes)} min`).join(' · ')}
      </p>
    {/if}
  </section>
  <section>
    <h2>Events</h2>
    <ul>
      {#each events as { id, day, name, kind } (id)}
        <li>
          <span><b>{dayWords(day, weekdayOf(day))}</b> {name} <span class="note">{kind}</span></span>
          {#if editable}<form method="post" action="?/removeEvent" use:enhance>
              <CommandId of="removeEvent" />
              <input type="hidden" name="id" value={id} /><QuietButton aria-label="Remove {name}, {shortDate(day)}"
                >Remove</QuietButton
              >
            </form>{/if}
        </li>
      {:else}<li class="note">None ahead. A match day shapes the days around it.</li>{/each}
    </ul>
    {#if editable}
      <form method="post" action="?/addEvent" use:enhance>
        <CommandId of="addEvent" />
        <div class="two">
          <DayField name="day" label="Day" value={today} trouble={trouble('addEvent')} />
          <Select size="sm" labelText="Kind" name="kind" selected={inForm('addEvent', 'kind', 'league')}
            >{#each KINDS as kind (kind)}<SelectItem value={kind} text={kind} />{/each}</Select
          >
        </div>
        <TextInput
          size="sm"
          labelText="Against, or what"
          name="name"
          value={inForm('addEvent', 'name', '')}
          invalid={!!error('addEvent', 'name')}
          invalidText={error('addEvent', 'name')}
        />
        <Button type="submit" size="small" kind="tertiary">Add event</Button>
      </form>
    {/if}
  </section>
  <section>
    <h2>Place and sport</h2>
    {#if editable}
      <form method="post" action="?/place" use:enhance={keep}>
        <CommandId of="place" shows={{ facilityId: squad.facilityId, sportId: squad.sportId }} />
        <Select
          size="sm"
          labelText="Trains at"
          name="facilityId"
          selected={inForm('place', 'facilityId', squad.facilityId)}
          invalid={!!error('place', 'facilityId')}
          invalidText={error('place', 'facilityId')}
          >{#each facilities as { id, name } (id)}<SelectItem value={id} text={name} />{/each}</Select
        >
        <Select
          size="sm"
          labelText="Sport"
          name="sportId"
          selected={inForm('place', 'sportId', squad.sportId)}
          invalid={!!error('place', 'sportId')}
          invalidText={error('place', 'sportId')}
          >{#each sports as { id, name } (id)}<SelectItem value={id} text={name} />{/each}</Select
        >
        <Button type="submit" size="small" kind="tertiary">Keep place and sport</Button>
      </form>
    {/if}
    <p class="note">
      {squad.kit.racks} racks · {squad.kit.equipment.join(', ')}.
      {#if editable}<a href="/settings/places#{squad.facilityId}">Change what the place has</a>{/if}
    </p>
  </section>
  <SquadAimsSection {aims} tests={resultTests} {editable} trouble={trouble('aims')} />
  <section>
    <h2>Schools</h2>
    <p class="note">
      {ownSchools === 0 ? 'As the club.' : `${String(ownSchools)} of its own.`}
      {#if editable}<a href="/settings?squad={squad.id}">Where coaches disagree</a>{/if}
    </p>
  </section>
</aside>

<style>
  aside {
    border-left: var(--rule);
    padding: 14px 16px 32px;
    display: grid;
    gap: 20px;
    align-content: start;
  }
  section,
  section > form {
    display: grid;
    gap: 10px;
    align-content: start;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 10px;
  }
  li {
    display: flex;
    justify-content: space-between;
    border-bottom: var(--rule);
    padding: 4px 0;
    font-stretch: 90%;
  }
  @media (max-width: 960px) {
    aside {
      border-left: 0;
      border-top: var(--rule);
    }
  }
</style>
