<script lang="ts">
  let {
    minutes,
    least,
    disabled,
    onchange,
  }: { minutes: number; least: number; disabled: boolean; onchange: (minutes: number) => void } = $props();

  const OFFERED = [30, 45, 60, 75];
  const choices = $derived([...new Set([...OFFERED, minutes])].sort((a, b) => a - b).slice(0, 5));
  const MOST = 240;
  let typed = $state('');
  let message = $state('');

  function take(): void {
    if (typed.trim() === '') return;
    const value = Number(typed.trim());
    if (!Number.isInteger(value)) message = 'Write whole minutes.';
    else if (value < least) message = `At least ${String(least)} min for any session.`;
    else if (value > MOST) message = `At most ${String(MOST)} min.`;
    else {
      message = '';
      typed = '';
      if (value !== minutes) onchange(value);
    }
  }
</script>

<fieldset {disabled}>
  <legend class="label">Minutes</legend>
  <div class="switch">
    {#each choices as choice (choice)}
      <button type="button" aria-pressed={choice === minutes} onclick={() => choice !== minutes && onchange(choice)}
        >{choice}</button
      >
    {/each}
  </div>
  <input
    type="text"
    inputmode="numeric"
    placeholder="other"
    aria-label="Other minutes"
    aria-invalid={message !== ''}
    aria-describedby="minutes-message"
    bind:value={typed}
    onchange={take}
    onkeydown={(event) => event.key === 'Enter' && take()}
  />
  {#if message}<p id="minutes-message" class="warn-text" role="alert">{message}</p>{/if}
</fieldset>

<style>
  fieldset {
    border: 0;
    margin: 0;
    padding: 0;
  }
  .switch {
    display: flex;
  }
  button {
    flex: 1;
    height: 30px;
    border: 1px solid var(--ink);
    border-right-width: 0;
    background: var(--cal-1);
    color: var(--ink);
    font-weight: 560;
    font-stretch: 84%;
    cursor: pointer;
    padding: 0;
  }
  button:last-child {
    border-right-width: 1px;
  }
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--cal);
  }
  input {
    margin-top: 4px;
    width: 100%;
    height: 26px;
    border: 0;
    border-bottom: 1px solid var(--edge);
    background: none;
    color: var(--ink);
    padding: 0 2px;
  }
  input::placeholder {
    color: var(--pizarra);
  }
  p {
    font-size: 12.5px;
    line-height: 16px;
  }
  @media (pointer: coarse) {
    button,
    input {
      height: 44px;
    }
  }
</style>
