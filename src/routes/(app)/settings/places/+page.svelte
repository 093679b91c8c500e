<script lang="ts">
  import PlaceForm from '$lib/ui/settings/PlaceForm.svelte';
  import SettingsTabs from '$lib/ui/settings/SettingsTabs.svelte';

  let { data, form } = $props();
  const troubleOf = (id: string) =>
    form && form.form === `keep:${id}` && Object.keys(form.errors).length > 0 ? form : null;
</script>

<svelte:head><title>Places · Jaleo</title></svelte:head>

<div class="page">
  <h1>Settings</h1>
  <SettingsTabs />
  <p>
    What a place has decides what can be chosen there: the Bench, the Library’s filter and the loads all read it.
    Several squads may share one.
  </p>
  {#each data.places as place (place.id)}
    <section id={place.id}>
      <header>
        <h2>{place.name}</h2>
        <p class="note">
          {place.squads.length === 0 ? 'No squad trains here.' : `${place.squads.join(', ')} train here.`}
          {place.fits} of {data.all} exercises fit.
        </p>
        {#if form?.kept && form.form === `keep:${place.id}`}<p class="kept" role="status">Kept.</p>{/if}
      </header>
      <PlaceForm
        id={place.id}
        name={place.name}
        kit={place.kit}
        equipment={data.equipment}
        editable={data.may.plan}
        removable={place.squads.length === 0}
        trouble={troubleOf(place.id)}
      />
    </section>
  {/each}
  {#if data.may.plan}
    <details open={data.places.length === 0 || troubleOf('') !== null}>
      <summary>Another place</summary>
      <PlaceForm
        id={null}
        name=""
        kit={data.blank}
        equipment={data.equipment}
        editable
        removable={false}
        trouble={troubleOf('')}
      />
    </details>
  {/if}
</div>

<style>
  .page {
    padding: 16px 24px 48px;
    max-width: 1080px;
    display: grid;
    gap: 16px;
  }
  section,
  details {
    border-top: var(--rule);
    padding-top: 14px;
    display: grid;
    grid-template-columns: 220px minmax(0, 1fr);
    gap: 24px;
  }
  details {
    display: block;
  }
  summary {
    cursor: pointer;
    font-weight: 600;
    padding: 8px 0;
  }
  h2 {
    font-size: 16px;
  }
  .kept {
    color: var(--oliva);
  }
  @media (max-width: 800px) {
    section {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
