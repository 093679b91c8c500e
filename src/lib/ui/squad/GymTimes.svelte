<script lang="ts">
  import type { GymDay } from '$core/calendar';
  import { weekdayWord } from '$lib/messages';
  import type { Trouble } from '$lib/model/forms';
  import TypedField from '../parts/TypedField.svelte';

  let { gymDays, trouble }: { gymDays: readonly GymDay[]; trouble: Trouble | null } = $props();

  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
  const ticked = $derived(
    trouble?.typed.weekdays === undefined
      ? gymDays.map(({ weekday }) => weekday)
      : trouble.typed.weekdays.split(', ').map(Number),
  );
</script>

<!-- Which days the squad is in the gym, from when and for how long. -->
<fieldset>
  <legend class="note">Days in the gym</legend>
  <div class="days">
    {#each [1, 2, 3, 4, 5, 6, 7] as weekday (weekday)}
      <label
        ><input type="checkbox" name="weekdays" value={weekday} checked={ticked.includes(weekday)} /><span
          >{weekdayWord(weekday)}</span
        ></label
      >
    {/each}
  </div>
  {#if error('weekdays')}<p class="warn-text">{error('weekdays')}</p>{/if}
</fieldset>
<div class="two">
  <TypedField name="start" label="Start" value={gymDays[0]?.start ?? '18:00'} {trouble} />
  <TypedField name="minutes" label="Minutes" value={String(gymDays[0]?.minutes ?? 60)} {trouble} />
</div>

<style>
  fieldset {
    border: 0;
    padding: 0;
    margin: 0;
    min-width: 0;
    display: grid;
    gap: 6px;
  }
  .days {
    display: flex;
    margin-top: 6px;
  }
  .warn-text {
    font-size: 12.5px;
  }
  .days label {
    flex: 1;
    position: relative;
    cursor: pointer;
  }
  .days input {
    position: absolute;
    opacity: 0;
    inset: 0;
  }
  .days span {
    display: grid;
    place-items: center;
    height: 32px;
    border: 1px solid var(--ink);
    margin-left: -1px;
    font-size: 12.5px;
    font-stretch: 84%;
  }
  .days input:checked + span {
    background: var(--ink);
    color: var(--cal);
  }
  .days input:focus-visible + span {
    outline: 2px solid var(--cds-focus);
    outline-offset: 1px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 10px;
  }
</style>
