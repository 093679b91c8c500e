<script lang="ts">
  import { page } from '$app/state';
  import type { Family } from '$core/library';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import OwnPage from '$lib/ui/own/OwnPage.svelte';

  let { data } = $props();
</script>

<OwnPage title={data.name} day={data.day ?? ''}>
  <h1>{data.name}</h1>
  <ol>
    {#each data.lines as { slot, name, family, dose, ramp, cues, caution } (slot)}
      <li>
        <FamilyGlyph family={family as Family} size={26} />
        <div>
          <b>{name}</b>
          <p class="dose">{dose}</p>
          {#if ramp}<p class="note">First {ramp}</p>{/if}
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
  .dose {
    font-size: 18px;
    line-height: 24px;
    font-weight: 600;
    font-stretch: 78%;
  }
</style>
