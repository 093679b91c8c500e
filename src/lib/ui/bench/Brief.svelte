<script lang="ts">
  import { shortDate } from '$lib/messages';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { Phase } from '$core/library';
  import { goto } from '$app/navigation';
  import type { Kit } from '$lib/model/kit';
  import type { BenchPage } from './bench-page';
  import type { BenchState } from './bench-state.svelte';
  import KindSelect from './KindSelect.svelte';
  import KeptCards from './KeptCards.svelte';
  import MinutesSwitch from './MinutesSwitch.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    bench,
    squad,
    place,
    athletes,
    forAthlete,
    day,
    dayWords,
    start,
    event,
    phases,
    kinds,
    leastMinutes,
    editable,
  }: {
    bench: BenchState;
    squad: { id: string; name: string; kit: Kit };
    place: BenchPage['place'];
    athletes: readonly { id: string; name: string }[];
    forAthlete: string | null;
    day: string;
    dayWords: string;
    start: string | null;
    event: { name: string; day: string } | null;
    phases: readonly { id: string; name: string }[];
    kinds: BenchPage['kinds'];
    leastMinutes: number;
    editable: boolean;
  } = $props();

  const bells = $derived(
    squad.kit.bellsKg.length === 0 ? '' : ` · bells to ${String(Math.max(...squad.kit.bellsKg))} kg`,
  );
  const base = $derived(`/bench/${squad.id}/${day}`);
</script>

<aside class="brief" aria-label="Brief">
  <h2>Brief</h2>
  <div>
    <Select
      labelText="Who"
      size="sm"
      selected={forAthlete ?? ''}
      on:update={({ detail }) => {
        const to = detail ? `${base}?for=${String(detail)}` : base;
        if (String(detail) !== (forAthlete ?? '')) void goto(to);
      }}
    >
      <SelectItem value="" text="{squad.name}, all {athletes.length}" />
      {#each athletes as { id, name } (id)}<SelectItem value={id} text="{name}, own card" />{/each}
    </Select>
  </div>
  <div>
    <p class="label">When</p>
    <p class="strong">{dayWords}{start ? `, ${start}` : ''}</p>
    {#if event}<p class="note">
        {event.name}, {event.day === day ? 'today' : shortDate(event.day)}
      </p>{/if}
  </div>
  <div>
    <MinutesSwitch
      minutes={bench.minutes}
      least={leastMinutes}
      disabled={!editable}
      onchange={(minutes) => void bench.setMinutes(minutes)}
    />
  </div>
  <div>
    <Select
      labelText="Phase"
      size="sm"
      selected={bench.phase}
      disabled={!editable}
      on:update={({ detail }) => {
        if (detail !== bench.phase) void bench.setPhase(detail as Phase);
      }}
    >
      {#each phases as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
  </div>
  {#if editable && bench.card}<KindSelect {bench} {kinds} />{/if}
  <div>
    {#if place.all.length > 1 && editable}
      <Select
        labelText="Place"
        size="sm"
        selected={place.id}
        on:update={({ detail }) => {
          // the new place's kit comes with the page; the lines follow it
          if (detail !== place.id) void bench.setPlace(String(detail)).then(() => location.reload());
        }}
      >
        {#each place.all as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
    {:else}
      <p class="label">Place</p>
      <p class="strong">{place.all.find(({ id }) => id === place.id)?.name ?? ''}</p>
    {/if}
  </div>
  <div>
    <p class="label">Kit</p>
    <p class="note">
      {squad.kit.racks} racks{bells} · {squad.kit.equipment
        .filter((item) => !['rack', 'dumbbell', 'kettlebell', 'wall', 'mat'].includes(item))
        .join(', ')}
    </p>
    <p><a class="quiet" href="/settings/places">Change kit</a></p>
  </div>
  {#if forAthlete === null && bench.card}
    <div>
      <Select
        labelText="Show doses of"
        size="sm"
        selected={bench.shownAthlete ?? ''}
        on:update={({ detail }) => (bench.shownAthlete = detail ? String(detail) : null)}
      >
        <SelectItem value="" text="the squad" />
        {#each athletes as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
    </div>
  {/if}
  {#if editable && bench.card}
    <div><QuietButton onclick={() => void bench.solveAnew(false)}>Choose all lines anew</QuietButton></div>
    <div><KeptCards {bench} /></div>
  {/if}
</aside>

<style>
  .brief {
    padding: 14px 14px 16px 16px;
    border-right: var(--rule);
    display: grid;
    gap: 10px;
    align-content: start;
  }
  .brief > div {
    border-bottom: var(--rule);
    padding-bottom: 10px;
  }
  .brief > div:last-child {
    border: 0;
  }
  /* a narrow column: names of places and people before the field's air */
  .brief :global(.bx--select-input) {
    padding: 0 26px 0 8px;
  }
  .strong {
    font-weight: 600;
  }
  @media (max-width: 1100px) {
    .brief {
      grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
      border-right: 0;
      border-bottom: var(--rule);
    }
    h2 {
      display: none;
    }
    .brief > div {
      border: 0;
      padding: 0;
    }
  }
</style>
