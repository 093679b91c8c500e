<script lang="ts">
  import type { MatrixRack } from './matrix';

  let { stations, athletes }: { stations: readonly MatrixRack[]; athletes: readonly { id: string; name: string }[] } =
    $props();

  const heaviest = $derived(Math.max(1, ...stations.flatMap((rack) => rack.athletes.map(({ loadKg }) => loadKg))));
  const namesOf = (ids: readonly { id: string }[]): string =>
    ids
      .map(
        ({ id }) =>
          athletes
            .find((one) => one.id === id)
            ?.name.split(' ')
            .at(-1) ?? '',
      )
      .join(', ');
</script>

<div class="racks">
  {#each stations as rack, i (i)}
    <section>
      <h3>Rack {i + 1} <span class="note">{rack.words}</span></h3>
      <div class="bars" aria-hidden="true">
        {#each rack.athletes as { id, loadKg } (id)}<i style:height="{4 + (loadKg / heaviest) * 14}px"></i>{/each}
      </div>
      <p class="note">{namesOf(rack.athletes)}</p>
    </section>
  {/each}
</div>

<style>
  .racks {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 40px;
    padding: 8px 12px 4px;
    border-top: var(--rule);
  }
  .bars {
    display: flex;
    gap: 4px;
    align-items: flex-end;
    min-height: 18px;
  }
  .bars i {
    width: 32px;
    background: var(--anil);
  }
</style>
