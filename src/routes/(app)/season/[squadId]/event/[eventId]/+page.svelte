<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { playedTexts } from '$lib/model/shown/squad';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import { enhance, keep } from '$lib/ui/parts/enhance';

  let { data, form } = $props();
  const { event, squad, athletes } = $derived(data);
  const typed = (field: string, value: string): string => form?.typed[field] ?? value;
  const isOn = (id: string, was: boolean): boolean =>
    form?.typed.athlete === undefined ? was : (form.typed[`selected ${id}`] ?? '') !== '';
  const errorOf = (field: string): string | undefined => form?.errors[field]?.[0];
  const text = (value: number | null): string => (value === null ? '' : String(value));
</script>

<svelte:head><title>{event.name}, {squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <header>
    <h1>{data.isAhead ? 'Who plays' : 'Who played'}</h1>
    <span><b>{event.name}</b> {event.words} <span class="note">{event.kind}</span></span>
    <a class="quiet" href="/season/{squad.id}">Back to the season</a>
  </header>
  <p class="note">
    Whoever is not selected trains as if there were no event. Under {data.shortMinutes} minutes the day after is a usual day,
    without shock jumps; unknown minutes count as played. Minutes × effort is the load of the day.
    <span class="rule-id">WEEK-4</span>
  </p>
  {#if errorOf('id')}<p class="warn-text" role="alert">{errorOf('id')}</p>{/if}
  <form method="post" action="?/played" use:enhance={keep}>
    <CommandId of="played" shows={playedTexts(athletes)} />
    <table>
      <thead>
        <tr
          ><th scope="col">Athlete</th><th scope="col">Selected</th><th scope="col">Minutes</th><th scope="col"
            >Effort 0–10</th
          ></tr
        >
      </thead>
      <tbody>
        {#each athletes as { id, name, role, selected, minutes, rpe } (id)}
          {@const said = errorOf(`minutes ${id}`) ?? errorOf(`rpe ${id}`)}
          <tr>
            <th scope="row"
              >{name} <span class="note">{role ?? ''}</span>{#if said}<span class="warn-text" id="said-{id}"
                  >{said}</span
                >{/if}<input type="hidden" name="athlete" value={id} /></th
            >
            <td
              ><label class="tick"
                ><input
                  type="checkbox"
                  name="selected {id}"
                  checked={isOn(id, selected)}
                  disabled={!data.plans}
                  aria-label="{name}: selected"
                /></label
              ></td
            >
            <td
              ><input
                class="number"
                inputmode="numeric"
                name="minutes {id}"
                value={typed(`minutes ${id}`, text(minutes))}
                disabled={!data.plans || data.isAhead}
                aria-label="{name}: minutes"
                aria-invalid={errorOf(`minutes ${id}`) !== undefined}
                aria-describedby={said ? `said-${id}` : undefined}
              /></td
            >
            <td
              ><input
                class="number"
                inputmode="numeric"
                name="rpe {id}"
                value={typed(`rpe ${id}`, text(rpe))}
                disabled={!data.plans || data.isAhead}
                aria-label="{name}: effort"
                aria-invalid={errorOf(`rpe ${id}`) !== undefined}
                aria-describedby={said ? `said-${id}` : undefined}
              /></td
            >
          </tr>
        {:else}<tr><td colspan="4" class="note">Nobody is in this squad yet.</td></tr>{/each}
      </tbody>
    </table>
    {#if data.plans && athletes.length > 0}<Button type="submit">Keep who plays</Button>{/if}
  </form>
</div>

<style>
  .page {
    padding: 14px 16px 32px;
    display: grid;
    gap: 12px;
    max-width: 760px;
  }
  header {
    display: flex;
    gap: 18px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  header .quiet {
    margin-left: auto;
  }
  form {
    display: grid;
    gap: 16px;
    justify-items: start;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    text-align: left;
    padding: 4px 10px 4px 0;
    border-bottom: var(--rule);
  }
  th[scope='row'] .warn-text {
    display: block;
    font-weight: 400;
  }
  .tick {
    display: grid;
    place-items: center;
    width: 44px;
    min-height: 36px;
  }
  .number {
    width: 72px;
    min-height: 36px;
    font: inherit;
    padding: 2px 8px;
    background: var(--cal-1);
    color: var(--ink);
    border: 1px solid var(--edge);
  }
  .number[aria-invalid='true'] {
    outline: 2px solid var(--almagre);
  }
</style>
