<script lang="ts">
  import { page } from '$app/state';
  import { firstSideWords } from '$lib/messages';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import OwnPage from '$lib/ui/own/OwnPage.svelte';

  let { data } = $props();
  /** getting warm is one block that unfolds */
  const prep = $derived(data.lines.filter(({ block }) => block === 'prep'));
  const lines = $derived(data.lines.filter(({ block }) => block !== 'prep'));
</script>

<OwnPage title={data.name} day={data.day ?? ''}>
  <h1>{data.name}</h1>
  {#if prep.length > 0}
    <details>
      <summary>Prep, {prep.length} drills</summary>
      <ul>
        {#each prep as { slot, name, dose, cues } (slot)}
          <li class="drill"><span><b>{name}</b> {dose}</span><span class="note">{cues[0] ?? ''}</span></li>
        {/each}
      </ul>
    </details>
  {/if}
  <ol>
    {#each lines as { slot, name, family, dose, ramp, first, cues, caution, note } (slot)}
      <li>
        <FamilyGlyph {family} size={26} />
        <div>
          <b>{name}</b>
          <p class="dose">{dose}</p>
          {#if ramp}<p class="note">First {ramp}</p>{/if}
          {#if first}<p class="note">{firstSideWords(first)}</p>{/if}
          {#if note}<p><b>{note}</b></p>{/if}
          <p class="note">{cues.join(' ')}</p>
          <p class="note">{caution}</p>
        </div>
      </li>
    {:else}<li>No card yet.</li>{/each}
  </ol>
  <p><a href={page.url.pathname.replace(/\/card$/, '')}>Morning check-in</a></p>
</OwnPage>

<style>
  li {
    display: flex;
    gap: 14px;
    padding: 10px 0;
    border-bottom: var(--rule);
  }
  .drill {
    display: grid;
    gap: 0;
    padding: 6px 0;
  }
  details {
    border-bottom: var(--rule);
    padding: 10px 0;
  }
  summary {
    font-weight: 600;
    cursor: pointer;
  }
  .dose {
    font-size: 18px;
    line-height: 24px;
    font-weight: 600;
    font-stretch: 78%;
  }
</style>
