<script lang="ts" module>
  import type { Answer } from '$core/track';

  /** The string between two posts: slack, slack, taut, broken. */
  const STRINGS: Readonly<Record<Answer, string>> = {
    fine: 'M4 8Q20 30 36 8',
    usual: 'M4 10Q20 19 36 10',
    tight: 'M4 13H36',
    pain: 'M4 13H14L17 8 22 21 25 13H36',
  };
</script>

<script lang="ts">
  import { ANSWER_WORDS } from '$lib/messages';

  let { answer, width = 40, bold = false }: { answer: Answer | null; width?: number; bold?: boolean } = $props();
  const stroke = $derived(bold ? 3 : 2);
</script>

<svg
  {width}
  height={width * 0.65}
  viewBox="0 0 40 26"
  role="img"
  aria-label={answer ? ANSWER_WORDS[answer] : 'no answer'}
>
  <path
    d="M4 2V24M36 2V24"
    fill="none"
    stroke="currentColor"
    stroke-width={stroke}
    stroke-dasharray={answer ? undefined : '3 3'}
  />
  {#if answer}<path
      d={STRINGS[answer]}
      fill="none"
      stroke="currentColor"
      stroke-width={answer === 'tight' ? stroke + 1 : stroke}
    />{/if}
</svg>
