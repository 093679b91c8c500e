<script lang="ts">
  import type { SeasonPage } from '$lib/model/season';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  type Shown = NonNullable<SeasonPage['shown']>;
  let { note, week, href, editable }: { note: Shown['notes'][number]; week: string; href: string; editable: boolean } =
    $props();

  // tried out on the plan by the server, so asked for only when the note is on screen
  const remedies = $derived(
    editable && note.mends && typeof window !== 'undefined'
      ? fetch(`${href}/remedies?week=${week}&code=${note.code}`)
          .then((answer) => (answer.ok ? (answer.json() as Promise<string[]>) : []))
          .catch((): string[] => [])
      : null,
  );
</script>

<div class="said">
  <p>{note.words}</p>
  {#if remedies}
    {#await remedies then offered}
      {#each offered as words, at (words)}
        <form method="post" action="?/remedy" use:enhance>
          <CommandId of="remedy {note.code} {String(at)}" />
          <input type="hidden" name="week" value={week} />
          <input type="hidden" name="code" value={note.code} />
          <input type="hidden" name="at" value={at} />
          <QuietButton>{words}</QuietButton>
        </form>
      {/each}
    {/await}
  {/if}
</div>

<style>
  .said {
    border-left: 3px solid var(--albero);
    padding-left: 10px;
    display: flex;
    gap: 4px 14px;
    flex-wrap: wrap;
    align-items: baseline;
  }
</style>
