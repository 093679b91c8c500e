<script lang="ts">
  import { longDate } from '$lib/messages';
  import type { Rescreen } from '$core/startline';

  let {
    drills,
    rescreen,
    isSet,
  }: {
    drills: readonly { id: string; name: string }[];
    rescreen: Rescreen;
    /** the focus is set: its days are counted from then */
    isSet: boolean;
  } = $props();
</script>

<h2>Daily drills <span class="rule-id">START-10</span></h2>
<ul>
  {#each drills as { id, name } (id)}<li><a href="/library/{id}">{name}</a>, 2–3 rounds</li>{/each}
</ul>
<p>
  <a href="/measure?tool=contract-relax">Time the rounds</a>: ease to the end, press with an effort that rises over 2 s,
  hold 6–10 s, breathe out, a little further.
</p>
{#if rescreen.stuck}
  <p class="warn-text">Looked at twice without a gain: change the drill, or refer to a clinician.</p>
{:else if rescreen.looks.length > 0}
  <p>
    Looked at on {rescreen.looks.map(({ day, gain }) => `${longDate(day)}, ${gain ? 'better' : 'no gain'}`).join('; ')}.
  </p>
{/if}
<p class="note">
  {#if rescreen.due.length > 0}Look again on {rescreen.due.map(longDate).join(' and ')}{isSet
      ? ''
      : ', counted from today'}.{/if}
  Never on a freshly strained muscle; stop at tingling. <span class="rule-id">SAFE-9</span>
</p>
