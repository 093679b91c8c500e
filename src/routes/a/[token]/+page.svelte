<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { page } from '$app/state';
  import { ANSWERS, type Answer } from '$core/track';
  import { ANSWER_WORDS } from '$lib/messages';
  import BodyPlaces from '$lib/ui/checkin/BodyPlaces.svelte';
  import MorningString from '$lib/ui/parts/MorningString.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import OwnPage from '$lib/ui/own/OwnPage.svelte';

  let { data, form } = $props();
  const UNDER: Readonly<Record<Answer, string>> = {
    fine: 'nothing to report',
    usual: 'as after most lifts',
    tight: 'more than the work explains',
    pain: '0 to 10, and where',
  };
  // svelte-ignore state_referenced_locally
  let answer = $state<Answer | null>((form && 'typed' in form ? (form.typed?.answer as Answer | null) : null) ?? null);
  // svelte-ignore state_referenced_locally
  let place = $state<string>((form && 'typed' in form ? form.typed?.place : null) ?? '');
  let again = $state(false);
  let away = $state(false);
  /** how hard it was, once that is said */
  const told = $derived(form && 'said' in form ? form.said : (data.given?.rpe ?? null));
  const sent = $derived(form && 'sent' in form ? form : null);
  const messages = $derived(form?.message ? [form.message] : []);
  const asksPlace = $derived(answer === 'tight' || answer === 'pain');
</script>

{#snippet said(option: Answer)}
  <span><b>{ANSWER_WORDS[option].replace(/^./, (first) => first.toUpperCase())}</b><small>{UNDER[option]}</small></span>
{/snippet}

{#snippet effort(session: { day: string })}
  {#if told !== null}
    <p>{session.day} was {told} of 10. Thank you.</p>
  {:else}
    <form method="post" action="?/effort" use:enhance class="effort">
      <CommandId of="effort" />
      <h2 id="effort">How hard was {session.day}? <small>0 rest, 10 all you had; skip if you like</small></h2>
      <div class="scores" role="group" aria-labelledby="effort">
        {#each Array.from({ length: 11 }, (_, i) => i) as n (n)}<button name="rpe" value={n}>{n}</button>{/each}
      </div>
      {#each messages as message (message)}<p class="warn-text" role="alert">{message}</p>{/each}
    </form>
  {/if}
{/snippet}

<OwnPage title="Good morning, {data.firstName}" day={data.day}>
  {#if sent && !again}
    <h1>Thanks, {data.firstName}</h1>
    {#if sent.stop}
      <p class="stop">
        Do not train on it. Tell your coach and see a clinician before you load it again. Chest pain, fainting, a knock
        to the head or fever: get help now.
      </p>
    {:else}
      <p>Your coach has your answer.</p>
    {/if}
    {#if data.last}{@render effort(data.last)}{/if}
    <p><button class="quiet" onclick={() => (again = true)}>Change the answer</button></p>
  {:else if data.given && !again && (!form || told !== null || !('typed' in form))}
    <h1>Good morning, {data.firstName}</h1>
    <p>You answered <b>{ANSWER_WORDS[data.given.answer]}</b> today.</p>
    {#if data.last}{@render effort(data.last)}{/if}
    <p><button class="quiet" onclick={() => (again = true)}>Change the answer</button></p>
  {:else}
    <form
      method="post"
      action="?/answer"
      use:enhance={() =>
        async ({ result, update }) => {
          away = result.type === 'error' && result.status === undefined;
          if (!away) {
            again = false;
            await update({ reset: false });
          }
        }}
    >
      <CommandId of="answer" />
      <p class="hello">
        {data.firstName}, {data.last
          ? `after ${data.last.day}${data.last.lines.length > 0 ? `: ${data.last.lines.join(', ')}` : ''}`
          : 'this morning'}
      </p>
      <fieldset>
        <legend><h1>How do your legs feel?</h1></legend>
        {#each ANSWERS as option (option)}
          {#if option === 'fine' || option === 'usual'}
            <!-- nothing more is asked: one tap -->
            <button class="answer" name="answer" value={option}>
              <MorningString answer={option} width={54} bold />
              {@render said(option)}
            </button>
          {:else}
            <label class="answer">
              <input type="radio" name="answer" value={option} bind:group={answer} />
              <MorningString answer={option} width={54} bold />
              {@render said(option)}
            </label>
          {/if}
        {/each}
      </fieldset>
      {#if answer === 'pain'}
        <fieldset class="scores">
          <legend><h2>How strong?</h2></legend>
          {#each Array.from({ length: 11 }, (_, i) => i) as n (n)}<label
              ><input type="radio" name="score" value={n} /><span>{n}</span></label
            >{/each}
        </fieldset>
      {/if}
      {#if asksPlace}
        <BodyPlaces places={data.places} bind:place optional={answer === 'tight'} />
      {/if}
      {#if answer === 'pain'}
        <fieldset class="signs">
          <legend><h2>Any of these? <small>skip if none</small></h2></legend>
          {#each data.signs as sign (sign)}<label
              ><input type="checkbox" name="signs" value={sign} /><span>{sign}</span></label
            >{/each}
        </fieldset>
        <fieldset class="signs">
          <legend class="visually-hidden">Side</legend>
          {#each ['left', 'right', 'both'] as side (side)}<label
              ><input type="radio" name="side" value={side} /><span>{side}</span></label
            >{/each}
        </fieldset>
      {/if}
      <div class="send">
        {#each messages as message (message)}<p class="warn-text" role="alert">{message}</p>{/each}
        {#if away}<p class="warn-text" role="alert">No connection. Your answer is still here: press Send again.</p>{/if}
        <p class="note">
          {answer === 'tight'
            ? 'You do a little less there until it is fine again. Your coach sees it.'
            : answer === 'pain'
              ? 'Pain from 4, or a sign, stops work there until a clinician has looked.'
              : 'One tap, once a day.'}
        </p>
        {#if asksPlace}<button class="main">Send</button>{/if}
      </div>
    </form>
  {/if}
  {#if data.beside === 'today'}
    <p class="beside"><a href="{page.url.pathname}/side">Beside training, today</a></p>
  {/if}
  <p class="foot">
    {#if data.beside === 'later'}<a href="{page.url.pathname}/side">Beside training</a> ·{/if}
    <a href="{page.url.pathname}/card">Your next card</a> ·
    <a href="{page.url.pathname}/moment">Where it goes wrong in play</a> ·
    <a href="{page.url.pathname}/calendar.ics">Your calendar</a>
  </p>
</OwnPage>

<style>
  .hello {
    color: var(--ink-2);
  }
  .answer {
    display: flex;
    gap: 18px;
    align-items: center;
    min-height: 64px;
    padding: 0 14px;
    border-bottom: var(--rule);
    cursor: pointer;
  }
  button.answer {
    width: 100%;
    background: none;
    border: 0;
    border-bottom: var(--rule);
    color: inherit;
    font: inherit;
    text-align: left;
  }
  button.answer:active {
    background: var(--ink);
    color: var(--cal);
  }
  .effort {
    margin-top: 18px;
  }
  .scores button {
    min-height: 48px;
    border: 1px solid var(--edge);
    margin-left: -1px;
    padding: 0;
    background: var(--cal-1);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
  }
  legend + .answer {
    border-top: var(--rule);
    margin-top: 8px;
  }
  .answer span {
    display: grid;
  }
  .answer b {
    font-size: 18px;
    line-height: 22px;
    font-weight: 620;
  }
  small {
    font-size: 14px;
    line-height: 18px;
    font-weight: 420;
    color: var(--ink-2);
  }
  .answer input,
  .scores input,
  .signs input {
    position: absolute;
    opacity: 0;
  }
  .answer:has(input:checked) {
    background: var(--ink);
    color: var(--cal);
  }
  .answer:has(input:checked) small {
    color: var(--cal-3);
  }
  .scores {
    display: grid;
    grid-template-columns: repeat(11, 1fr);
  }
  .scores legend,
  .signs legend {
    margin-bottom: 6px;
  }
  .scores span,
  .signs span {
    display: grid;
    place-items: center;
    min-height: 48px;
    border: 1px solid var(--edge);
    margin-left: -1px;
    background: var(--cal-1);
    cursor: pointer;
  }
  .signs {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  .signs span {
    padding: 0 14px;
    margin: 0;
  }
  .scores input:checked + span,
  .signs input:checked + span {
    background: var(--ink);
    color: var(--cal);
  }
  .send {
    position: sticky;
    bottom: 0;
    background: var(--cal);
    border-top: var(--rule);
    padding: 12px 0;
    display: grid;
    gap: 8px;
  }
  .stop {
    border-left: 3px solid var(--almagre-t);
    background: var(--almagre-w);
    padding: 12px;
  }
  .beside {
    margin-top: 16px;
    border: 1px solid var(--ink);
    padding: 12px 14px;
    font-weight: 620;
  }
  .foot {
    margin-top: 16px;
  }
</style>
