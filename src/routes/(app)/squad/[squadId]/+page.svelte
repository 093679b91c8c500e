<script lang="ts">
  import RosterTable from '$lib/ui/squad/RosterTable.svelte';
  import SquadPlan from '$lib/ui/squad/SquadPlan.svelte';
  import AddAthletes from '$lib/ui/squad/AddAthletes.svelte';
  import { page } from '$app/state';
  import { Button } from 'carbon-components-svelte';

  let { data, form } = $props();
  const squad = $derived(data.squad);
  /** headings that the page which made the squad could not read */
  const leftOut = $derived(page.url.searchParams.get('unread')?.split(', ') ?? []);
  const trouble = (name: string) => (form?.form === name && Object.keys(form.errors).length > 0 ? form : null);
</script>

<svelte:head><title>{squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <section class="roster">
    <header>
      <h1>{squad.name}</h1>
      <span class="note"
        >{data.athletes.length} athletes · {#if data.athletes.length > 0}<a
            class="quiet"
            href="/squad/{squad.id}/history">History</a
          >
          ·
          <a class="quiet" href="/squad/{squad.id}/balance">Balance and load</a> ·
          <a class="quiet" href="/squad/{squad.id}/beside">Beside training</a>
          · <a class="quiet" href="/squad/{squad.id}/links">Check-in links</a> ·{' '}
        {/if}<a class="quiet" href="/squad?new">New squad</a></span
      >
      <span class="next"
        ><Button
          size="small"
          kind={data.athletes.length > 0 ? 'primary' : 'tertiary'}
          href="/bench/{squad.id}/{squad.nextDay}"
          disabled={data.athletes.length === 0}>{squad.trainsToday ? "Today's card" : 'Next card'}</Button
        ></span
      >
    </header>
    {#if data.athletes.length > 0}<RosterTable
        squadId={squad.id}
        athletes={data.athletes}
        mass={data.massUnit}
        editable={data.may.plan}
        trouble={trouble('levels')}
        changed={form && 'changed' in form ? Number(form.changed) : null}
      />{/if}
    {#if data.may.plan}<AddAthletes
        trouble={trouble('add')}
        first={data.athletes.length === 0}
        joined={form && 'joined' in form ? (form.joined as string[]) : []}
        added={form && 'added' in form ? Number(form.added) : 0}
        left={form && 'left' in form ? (form.left as string[]) : []}
        unread={form && 'unread' in form ? (form.unread as string[]) : leftOut}
        mass={data.massUnit}
      />{/if}
  </section>
  <SquadPlan
    {squad}
    events={data.events}
    facilities={data.facilities}
    sports={data.sports}
    ownSchools={data.ownSchools}
    aims={data.aims}
    resultTests={data.resultTests}
    today={data.today}
    editable={data.may.plan}
    {trouble}
  />
</div>

<style>
  .page {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    min-height: calc(100vh - 62px);
  }
  .roster {
    padding: 14px 20px 32px 16px;
    display: grid;
    gap: 14px;
    align-content: start;
    min-width: 0;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .next {
    margin-left: auto;
  }
  @media (max-width: 960px) {
    .page {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
