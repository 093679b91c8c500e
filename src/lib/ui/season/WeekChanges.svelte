<script lang="ts">
  import { longDate } from '$lib/messages';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import type { SeasonWeek } from '$lib/model/season';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';

  let {
    week,
    weeks,
    trouble,
  }: { week: SeasonWeek; weeks: readonly SeasonWeek[]; trouble: (form: string) => Trouble | null } = $props();

  const PHASES = [
    ['general', 'off-season, general'],
    ['specific', 'off-season, specific'],
    ['pre-season', 'pre-season'],
    ['in-season', 'in season'],
    ['transition', 'transition'],
  ] as const;
  const ahead = $derived(weeks.filter(({ number }) => number >= week.number));
  /** the block's first week, from which its length is counted */
  const first = $derived(weeks.find(({ block, week: at }) => block === week.block && at === 1));
</script>

<details>
  <summary>Change these weeks</summary>
  <div class="forms">
    <form method="post" action="?/phase" use:enhance={keep}>
      <CommandId of="phase" />
      <input type="hidden" name="from" value={week.start} />
      <Select size="sm" labelText="Week {week.number} until" name="to" selected={week.start}
        >{#each ahead as { number, start } (start)}<SelectItem
            value={start}
            text="week {number}, {longDate(start)}"
          />{/each}</Select
      >
      <Select size="sm" labelText="Phase" name="phase" selected={week.set ? week.phase : ''}>
        <SelectItem value="" text="as the calendar says" />
        {#each PHASES as [id, words] (id)}<SelectItem value={id} text={words} />{/each}
      </Select>
      <Button type="submit" size="small" kind="tertiary">Set phase</Button>
    </form>
    {#if first && (week.kind === 'loading' || week.kind === 'lighter')}
      <form method="post" action="?/block" use:enhance={keep}>
        <CommandId of="block" />
        <input type="hidden" name="from" value={first.start} />
        <Select
          size="sm"
          labelText="Block {week.block} has, its lighter week with it"
          name="weeks"
          selected={String(week.of)}
        >
          <SelectItem value="" text="as the rules lay it" />
          {#each [2, 3, 4, 5] as length (length)}<SelectItem
              value={String(length)}
              text={length === 2 ? '2 weeks, none lighter' : `${String(length)} weeks`}
            />{/each}
        </Select>
        <Button type="submit" size="small" kind="tertiary">Set length</Button>
      </form>
    {/if}
  </div>
  {#if trouble('phase') ?? trouble('block')}<p class="warn-text" role="alert">
      {Object.values((trouble('phase') ?? trouble('block'))?.errors ?? {}).flat()[0]}
    </p>{/if}
</details>

<style>
  .forms {
    display: flex;
    flex-wrap: wrap;
    gap: 12px 40px;
    padding-top: 8px;
  }
  form {
    display: flex;
    gap: 12px;
    align-items: end;
    flex-wrap: wrap;
  }
</style>
