<script lang="ts">
  import { ContentSwitcher, Switch } from 'carbon-components-svelte';
  import type { Ratio, RatioId } from '$core/ledger';
  import type { BalancePage } from '$lib/model/balance';
  import BandBar from '../bench/BandBar.svelte';

  let { windows }: { windows: BalancePage['windows'] } = $props();
  /** the window first on screen: a fortnight */
  let at = $state(1);
  const shown = $derived(windows[at] ?? windows[0]);

  const NAMES: Readonly<Record<RatioId, string>> = {
    kneeHip: 'Knee : hip',
    hamstrings: 'Hamstrings : glutes',
    adductors: 'Adductors : abductors',
    singleLeg: 'Single-leg, of leg sets',
    push: 'Push : pull',
    sideways: 'Sideways and turning, of leg sets',
  };
  const share = ({ share: value }: Ratio): string => (value === null ? 'from 6 sets' : value.toFixed(2));
  const WORDS: Readonly<Record<Ratio['state'], string>> = {
    low: 'low',
    high: 'high',
    inside: '',
    unjudged: '',
  };
</script>

<section>
  <header>
    <h2>Balance</h2>
    <span class="label">○ planned · ▮ done · the band is what is usual</span>
    <span class="switch">
      <ContentSwitcher size="sm" selectedIndex={at} on:change={({ detail }) => (at = detail)}>
        {#each windows as { days } (days)}<Switch text="{days} days" />{/each}
      </ContentSwitcher>
    </span>
  </header>
  {#each shown?.done ?? [] as done, i (done.id)}
    {@const planned = shown?.planned[i]}
    <div class="row" class:off={done.state === 'low' || done.state === 'high'}>
      <BandBar
        name={NAMES[done.id]}
        low={done.band[0]}
        high={done.band[1]}
        max={1}
        before={planned?.share ?? null}
        after={done.share}
        words="{share(done)}{WORDS[done.state] ? `, ${WORDS[done.state]}` : ''}{planned?.share != null
          ? ` · planned ${planned.share.toFixed(2)}`
          : ''}"
      />
    </div>
  {/each}
</section>

<style>
  section {
    display: grid;
    gap: 12px;
  }
  header {
    display: flex;
    gap: 14px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .switch {
    margin-left: auto;
    width: 270px;
  }
  .off {
    font-weight: 640;
  }
</style>
