<script lang="ts">
  import { massFromKg } from '$core/units';
  import AthleteFacts from '$lib/ui/squad/AthleteFacts.svelte';
  import Background from '$lib/ui/squad/Background.svelte';
  import AthleteHistory from '$lib/ui/squad/AthleteHistory.svelte';
  import AthleteLink from '$lib/ui/squad/AthleteLink.svelte';
  import AthleteTests from '$lib/ui/squad/AthleteTests.svelte';
  import Complaints from '$lib/ui/squad/Complaints.svelte';
  import OwnDays from '$lib/ui/squad/OwnDays.svelte';
  import OwnData from '$lib/ui/squad/OwnData.svelte';
  import Mornings from '$lib/ui/squad/Mornings.svelte';

  let { data, form } = $props();
  const person = $derived(data.athlete);
  // what was kept comes back without errors
  const trouble = (name: string) => (form?.form === name && Object.keys(form.errors).length > 0 ? form : null);
  const line = $derived(
    [
      person.role,
      person.age === null ? null : `${String(person.age)} years`,
      person.bodyMassKg === null
        ? null
        : `${String(Math.round(massFromKg(person.bodyMassKg, data.massUnit)))} ${data.massUnit}`,
    ]
      .filter(Boolean)
      .join(', '),
  );
</script>

<svelte:head><title>{person.name} · Jaleo</title></svelte:head>
<header>
  <h1>{person.name}</h1>
  <span class="note">{line}</span>
  <span class="note">lifts {person.liftLevel}, jumps {person.jumpLevel}</span>
  {#if data.consentNeeded}<span class="warn-text note"
      >Under 18: guardian consent not noted. <span class="rule-id">SAFE-3</span></span
    >{/if}
  <a class="quiet reading" href="/squad/{data.squad.id}/{person.id}/start">Start line: what limits, and the focus</a>
  <a class="quiet" href="/squad/{data.squad.id}/{person.id}/history">History over time</a>
</header>
<div class="columns">
  <AthleteFacts {person} mass={data.massUnit} editable={data.may.plan} trouble={trouble('facts')} />
  <div class="middle">
    <AthleteTests
      tests={data.tests}
      sides={data.legs}
      lifts={data.lifts}
      jumps={data.jumps}
      mass={data.massUnit}
      testDay={data.testDay}
      editable={data.may.plan}
    />
    <AthleteHistory lines={data.history} />
  </div>
  <div class="side">
    <section>
      <Mornings mornings={data.mornings} light={data.light} editable={data.may.plan} />
      {#if data.may.plan}<AthleteLink
          hasLink={data.hasLink}
          link={form?.form === 'link' && 'link' in form ? String(form.link) : null}
        />{/if}
    </section>
    <OwnDays days={data.days} today={data.today} editable={data.may.plan} trouble={trouble('ownDays')} />
    {#if data.complaints}
      <Complaints
        complaints={data.complaints}
        stops={data.stops}
        places={data.places}
        stages={data.stages}
        signs={data.signs}
        sides={data.sides}
        today={data.today}
        editable={data.may.plan}
        {trouble}
      />
    {/if}
    {#if data.complaints}<OwnData
        name={person.name}
        here="/squad/{data.squad.id}/{person.id}"
        editable={data.may.plan}
        trouble={trouble('erase')}
      />{/if}
    {#if data.background}<Background
        background={data.background}
        places={Object.fromEntries(data.places.map(({ id, name }) => [id, name]))}
        editable={data.may.plan}
        trouble={trouble('background')}
      />{/if}
  </div>
</div>

<style>
  .reading {
    margin-left: auto;
  }
  header {
    display: flex;
    gap: 18px;
    align-items: baseline;
    flex-wrap: wrap;
    padding: 12px 16px;
    border-bottom: var(--rule);
  }
  .columns {
    display: grid;
    grid-template-columns: 280px minmax(0, 1fr) 320px;
  }
  .middle {
    padding: 14px 18px 32px;
    border-inline: var(--rule);
    display: grid;
    gap: 20px;
    align-content: start;
  }
  .side {
    padding: 14px 16px 32px;
    display: grid;
    gap: 20px;
    align-content: start;
  }
  section {
    display: grid;
    gap: 10px;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .middle {
      border: 0;
    }
  }
</style>
