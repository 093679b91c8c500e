<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { listWords } from '$lib/messages';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import { enhance } from '$lib/ui/parts/enhance';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();
  const { squad } = $derived(data);
  const EVERYBODY = '';
</script>

<svelte:head><title>Beside training, {squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <header>
    <h1>Beside training</h1>
    <span class="note">what {squad.name} does on its own, at home, without kit</span>
    <a class="quiet" href="/squad/{squad.id}">Back to the squad</a>
  </header>
  <p class="note">
    It stands on everybody’s own page on its days and counts in the balance, not in the week of the card. Answers to the
    morning question move its doses; complaints take out what they bar. <span class="rule-id">SIDE-1</span>
  </p>
  {#if form?.message}<p class="warn-text" role="alert">{form.message}</p>{/if}
  {#each data.programmes as one (one.id)}
    <section aria-labelledby="side-{one.id}">
      <div class="what">
        <h2 id="side-{one.id}">{one.name}</h2>
        <p class="note">{one.purpose}</p>
        <p>{one.items.join(' · ')}{one.ofFocus ? ', or the drills of a range focus' : ''}</p>
        <p class="note">
          {one.minutes} min at first · this week {one.days.length === 0 ? 'no day is free' : listWords(one.days)}
        </p>
        {#if data.may.plan && !one.toAll}
          <form class="give" method="post" action="?/give" use:enhance>
            <CommandId of="give {one.id}" />
            <input type="hidden" name="squadId" value={squad.id} />
            <input type="hidden" name="programme" value={one.id} />
            <input type="hidden" name="on" value="yes" />
            <Select size="sm" labelText="For" name="athleteId" selected={EVERYBODY}>
              <SelectItem value={EVERYBODY} text="Everybody" />
              {#each data.athletes as { id, name } (id)}
                {#if !one.who.some((who) => who.id === id && who.own)}<SelectItem value={id} text={name} />{/if}
              {/each}
            </Select>
            <Button size="small" kind="tertiary" type="submit" disabled={data.athletes.length === 0}>Give it</Button>
          </form>
        {/if}
      </div>
      <div>
        {#if one.who.length === 0}
          <p class="note">Nobody has it.</p>
        {:else}
          {#if one.toAll}
            <div class="line">
              <span><b>Everybody</b></span>
              {#if data.may.plan}<form method="post" action="?/give" use:enhance>
                  <CommandId of="end {one.id}" />
                  <input type="hidden" name="squadId" value={squad.id} />
                  <input type="hidden" name="programme" value={one.id} />
                  <input type="hidden" name="on" value="no" />
                  <QuietButton aria-label="End {one.name} for everybody">End it</QuietButton>
                </form>{/if}
            </div>
          {/if}
          <table class="numbers">
            <caption class="visually-hidden">{one.name}, done in {data.backDays} days</caption>
            <thead
              ><tr><th scope="col">Athlete</th><th scope="col">Done of due, {data.backDays} days</th><th></th></tr
              ></thead
            >
            <tbody>
              {#each one.who as who (who.id)}
                <tr>
                  <th scope="row"><a href="/squad/{squad.id}/{who.id}">{who.name}</a></th>
                  <td
                    >{who.done} of {who.due}{who.oftener === null
                      ? ''
                      : `, now ${String(who.oftener)} a week`}{who.between ? ', between its other days' : ''}</td
                  >
                  <td>
                    {#if who.own && data.may.plan}<form method="post" action="?/give" use:enhance>
                        <CommandId of="end {one.id} {who.id}" />
                        <input type="hidden" name="squadId" value={squad.id} />
                        <input type="hidden" name="programme" value={one.id} />
                        <input type="hidden" name="athleteId" value={who.id} />
                        <input type="hidden" name="on" value="no" />
                        <QuietButton aria-label="End {one.name} for {who.name}">End it</QuietButton>
                      </form>{/if}
                  </td>
                </tr>
              {/each}
            </tbody>
          </table>
        {/if}
      </div>
    </section>
  {/each}
</div>

<style>
  .page {
    padding: 14px 20px 32px 16px;
    display: grid;
    gap: 14px;
    max-width: 1080px;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  section {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 14px 28px;
    border-top: var(--rule);
    padding-top: 12px;
  }
  .what {
    display: grid;
    gap: 6px;
    align-content: start;
  }
  .give {
    display: flex;
    gap: 10px;
    align-items: end;
    max-width: 380px;
  }
  th a {
    color: inherit;
  }
  .line {
    display: flex;
    justify-content: space-between;
    border-bottom: var(--rule);
    padding-bottom: 6px;
  }
  @media (max-width: 760px) {
    section {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
