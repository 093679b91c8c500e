<script lang="ts">
  import { shortDate } from '$lib/messages';
  let {
    lines,
  }: {
    lines: readonly {
      id: string;
      day: string;
      who: string;
      what: string;
      from: string | null;
      to: string | null;
      rules: readonly string[];
    }[];
  } = $props();
</script>

<section>
  <h2>History</h2>
  <ol>
    {#each lines as { id, day, who, what, from, to, rules } (id)}
      <li>
        <span class="figure">{shortDate(day)}</span>
        <span
          >{what}{#if to}{' '}<b>{from ? `${from} → ` : ''}{to}</b>{/if}{' '}<span class="rule-id"
            >{rules.join(' · ')}</span
          ></span
        >
        <span class="note">{who}</span>
      </li>
    {:else}<li class="note">Nothing yet.</li>{/each}
  </ol>
</section>

<style>
  section {
    display: grid;
    gap: 8px;
  }
  li {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) auto;
    gap: 8px;
    border-bottom: var(--rule);
    padding: 5px 0;
    font-stretch: 92%;
  }
  .figure {
    font-weight: 440;
    color: var(--ink-2);
  }
</style>
