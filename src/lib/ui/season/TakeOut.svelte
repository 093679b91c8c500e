<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { page } from '$app/state';
  import type { Trouble } from '$lib/model/forms';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';

  let {
    href,
    editable,
    linked,
    address,
    week,
    closing,
    trouble,
  }: {
    href: string;
    /** on screen */
    week: number | null;
    /** the season is in its last weeks: the next one can be laid from it */
    closing: boolean;
    trouble: (form: string) => Trouble | null;
    editable: boolean;
    linked: boolean;
    /** shown once, when it was made */
    address: string | null;
  } = $props();
</script>

<section aria-label="Take the season along">
  <h2>Take it along</h2>
  <p class="files">
    <a class="quiet" href="{href}/calendar.ics" download>Calendar file</a>
    <a class="quiet" href="{href}/plan.csv" download>Table, CSV</a>
    <a class="quiet" href="{href}/season.json" download>Season file, JSON</a>
    <a class="quiet" href="/print{href}" target="_blank">Print the year</a>
    {#if week !== null}<a class="quiet" href="/print{href}?week={week}" target="_blank">Print week {week}</a>{/if}
  </p>
  {#if editable}
    {#if address}
      <label>
        <span>Address for a calendar program. It is shown this once:</span>
        <input readonly value="{page.url.origin}{address}" onfocus={(event) => event.currentTarget.select()} />
      </label>
    {:else if linked}<p class="note">A calendar program somewhere reads this season again by itself.</p>{/if}
    <div class="buttons">
      <form method="post" action="?/link" use:enhance>
        <CommandId of="link" />
        <Button type="submit" size="small" kind="tertiary"
          >{linked ? 'A new address, end the old' : 'An address for calendars'}</Button
        >
      </form>
      {#if linked}<form method="post" action="?/endLink" use:enhance>
          <CommandId of="endLink" /><Button type="submit" size="small" kind="ghost">End it</Button>
        </form>{/if}
      {#if closing}<form method="post" action="?/next" use:enhance>
          <CommandId of="next" /><Button type="submit" size="small" kind="tertiary">Lay the next season from it</Button>
        </form>{/if}
    </div>
    {#if trouble('next')}<p class="warn-text" role="alert">{trouble('next')?.errors.next?.[0]}</p>{/if}
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 10px;
    align-content: start;
    grid-template-columns: minmax(0, 1fr);
  }
  .files,
  .buttons {
    display: flex;
    gap: 14px;
    flex-wrap: wrap;
  }
  input {
    width: 100%;
    font: inherit;
    font-size: 12.5px;
  }
</style>
