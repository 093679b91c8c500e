<script lang="ts">
  import type { StartReading } from '$core/startline';
  import type { TestSpec } from '$core/testing';
  import Pyramid from './Pyramid.svelte';
  import { limitWord, limitWords, nextWords } from './reading-words';
  import type { UnitSystem } from './units';

  let {
    reading,
    specs,
    system,
    focuses,
  }: {
    reading: StartReading;
    specs: ReadonlyMap<string, TestSpec>;
    system: UnitSystem;
    focuses: Readonly<Record<string, string>>;
  } = $props();

  const word = $derived(limitWord(reading));
</script>

<td class="word" class:quiet-word={word === 'unknown'}
  ><span><Pyramid tiers={reading.tiers} limiting={reading.limiting} size={22} /> {word}</span></td
>
<td class="why">{limitWords(reading, specs, system)}</td>
<td class="next">{nextWords(reading, specs, focuses)}</td>

<style>
  td {
    border-bottom: var(--rule);
    font-size: 14.5px;
    line-height: 18px;
  }
  .word {
    font-weight: 620;
    padding: 0 10px;
  }
  .word span {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    vertical-align: middle;
  }
  .quiet-word {
    font-weight: 420;
    color: var(--pizarra);
  }
  .why,
  .next {
    font-stretch: 84%;
    padding-right: 12px;
    white-space: nowrap;
  }
  .next {
    color: var(--ink-2);
  }
  @media (max-width: 700px) {
    td {
      display: none;
    }
  }
</style>
