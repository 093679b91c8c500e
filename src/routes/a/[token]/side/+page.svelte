<script lang="ts">
  import { page } from '$app/state';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';
  import OwnPage from '$lib/ui/own/OwnPage.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import { enhance } from '$lib/ui/parts/enhance';

  let { data, form } = $props();
  const messages = $derived(form?.message ? [form.message] : []);
</script>

<OwnPage title="Beside training" day={data.day}>
  <h1>Beside training</h1>
  {#each data.sides as { id, name, purpose, minutes, due, next, done, lines } (id)}
    <section aria-label={name}>
      <h2>{name}</h2>
      <p class="note">
        {minutes} minutes: {purpose}.
        {#if done}<b>Done today.</b>{:else if due}<b>Today.</b>{:else if next}Next on {next}.{/if}
      </p>
      {#if due || done}
        <ol>
          {#each lines as line (line.id)}
            <li class:out={line.out !== null}>
              <FamilyGlyph family={line.family} size={26} />
              <div>
                <b>{line.name}</b>
                {#if line.out !== null}<p class="note">Not today. {line.out}</p>
                {:else}
                  <p class="dose">{line.dose}</p>
                  <p class="note">{line.cues.join(' ')}</p>
                  <p class="note">{line.caution}</p>
                {/if}
              </div>
            </li>
          {/each}
        </ol>
        <form method="post" use:enhance>
          <CommandId of="side {id} {done ? 'undo' : 'do'}" />
          <input type="hidden" name="programme" value={id} />
          <input type="hidden" name="done" value={done ? 'no' : 'yes'} />
          <button class={done ? 'quiet' : 'main'}>{done ? 'It was not done after all' : 'Done'}</button>
        </form>
      {/if}
    </section>
  {:else}
    <p>Nothing beside the sessions for now.</p>
  {/each}
  {#each messages as message (message)}<p class="warn-text" role="alert">{message}</p>{/each}
  {#if data.sides.length > 0}<p class="note">
      Stop what hurts, and say so in the morning answer: it moves these doses as well.
    </p>{/if}
  <p><a href={page.url.pathname.replace(/\/side$/, '')}>Morning check-in</a></p>
</OwnPage>

<style>
  section {
    padding: 10px 0 14px;
    border-bottom: var(--rule);
    display: grid;
    gap: 6px;
  }
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  li {
    display: flex;
    gap: 14px;
    padding: 8px 0;
    border-top: var(--rule);
  }
  .out {
    color: var(--ink-2);
  }
  .dose {
    font-size: 18px;
    line-height: 24px;
    font-weight: 600;
    font-stretch: 78%;
  }
</style>
