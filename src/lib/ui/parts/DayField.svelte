<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import Calendar from 'carbon-components-svelte/src/icons/Calendar.svelte';
  import { readDay } from '$core/calendar';
  import { dayOrder, longDate, sampleDay } from '$lib/messages';
  import type { Trouble } from '$lib/model/forms';

  let {
    name,
    label,
    value = '',
    trouble,
  }: { name: string; label: string; value?: string; trouble: Trouble | null } = $props();

  /** The day as it reads everywhere; what is no day stays as it was typed. */
  function written(day: string): string {
    const read = readDay(day, dayOrder());
    return read === null ? day : longDate(read);
  }
  const given = $derived(written(trouble?.typed[name] ?? value));
  let text = $derived(given);
  const error = $derived(trouble?.errors[name]?.[0]);
  let native = $state<HTMLInputElement>();
  /** A form that was kept begins again, and the field with it. */
  function withForm(input: HTMLInputElement): () => void {
    const { form } = input;
    const again = (): void => {
      text = given;
    };
    form?.addEventListener('reset', again);
    return () => form?.removeEventListener('reset', again);
  }
</script>

<!-- A day typed as people write it, or chosen from the browser's own calendar; it reads one way everywhere. -->
<div class="day">
  <input type="hidden" name="dayOrder" value={dayOrder()} />
  <TextInput
    size="sm"
    labelText={label}
    {name}
    bind:value={text}
    placeholder={sampleDay()}
    autocomplete="off"
    invalid={!!error}
    invalidText={error}
    on:change={() => (text = written(text))}
  />
  <span class="pick">
    <Button
      kind="ghost"
      size="small"
      icon={Calendar}
      aria-label="Open the calendar"
      aria-pressed={undefined}
      on:click={() => native?.showPicker()}
    />
    <input
      bind:this={native}
      {@attach withForm}
      type="date"
      tabindex="-1"
      aria-hidden="true"
      value={readDay(text, dayOrder()) ?? ''}
      onchange={({ currentTarget }) => (text = written(currentTarget.value))}
    />
  </span>
</div>

<style>
  .day {
    position: relative;
    min-width: 0;
  }
  .day :global(.bx--text-input) {
    padding-inline: 10px 32px;
    text-overflow: clip;
  }
  .day :global(.bx--text-input__invalid-icon) {
    display: none;
  }
  .pick {
    position: absolute;
    top: 24px;
    right: 0;
  }
  .pick :global(.bx--btn) {
    width: 32px;
    min-height: 32px;
    padding: 0;
    justify-content: center;
    color: var(--ink);
  }
  @media (pointer: coarse) {
    .pick :global(.bx--btn) {
      width: 44px;
      min-height: 44px;
    }
    .day :global(.bx--text-input) {
      padding-inline-end: 44px;
    }
  }
  .pick input {
    position: absolute;
    inset: auto 0 0 auto;
    width: 1px;
    height: 1px;
    opacity: 0;
    pointer-events: none;
  }
</style>
