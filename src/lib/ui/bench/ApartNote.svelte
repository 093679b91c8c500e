<script lang="ts">
  import type { BenchPage } from './bench-page';

  let { apart, away, returning, here }: Pick<BenchPage, 'apart' | 'away' | 'returning'> & { here: string } = $props();
  const freer = $derived(apart.filter((one) => one.freer));
  const others = $derived(apart.filter((one) => !one.freer));
</script>

<!-- Whose day is not the squad's: who is away, who does less of this card, and who could do more than it holds. -->
{#if apart.length + away.length + returning.length > 0}
  <div class="apart" role="note" aria-label="Days of their own">
    {#if away.length > 0}<p><b>Away</b> {away.join(', ')}</p>{/if}
    {#if others.length > 0}<p>
        <b>A day of their own</b>
        {#each others as { athleteId, name, words }, i (athleteId)}{i > 0 ? ' · ' : ''}{name}: {words}{/each}
      </p>{/if}
    {#if returning.length > 0}<p>
        <b>On the way back</b>
        {#each returning as { id, name }, i (id)}{i > 0 ? ' · ' : ''}<a href="{here}?for={id}">{name}, own card</a
          >{/each}
      </p>{/if}
    {#if freer.length > 0}<p>
        <b>Did not play</b>
        {#each freer as { athleteId, name }, i (athleteId)}{i > 0 ? ' · ' : ''}<a href="{here}?for={athleteId}"
            >{name}, own card</a
          >{/each}
      </p>{/if}
  </div>
{/if}

<style>
  .apart {
    display: grid;
    gap: 4px;
    padding: 8px 16px;
    border-bottom: var(--rule);
    font-size: 13px;
    color: var(--ink-2);
  }
  b {
    color: var(--ink);
    margin-right: 4px;
  }
</style>
