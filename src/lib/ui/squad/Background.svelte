<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import type { Background } from '$core/startline';
  import FoldSection from '../parts/FoldSection.svelte';
  import type { Trouble } from '$lib/model/forms';
  import { backgroundTexts, injuryLines } from '$lib/model/shown/athlete';
  import CommandId from '../parts/CommandId.svelte';

  let {
    background,
    places,
    editable,
    trouble,
  }: {
    background: Background;
    /** places of the body by id, in words */
    places: Readonly<Record<string, string>>;
    editable: boolean;
    trouble: Trouble | null;
  } = $props();

  // a form that was refused stays open with what was typed
  // svelte-ignore state_referenced_locally
  let open = $state(trouble !== null);
  $effect(() => {
    if (trouble) open = true;
  });
  const shown = $derived(backgroundTexts(background, places));
  const text = (field: string): string => trouble?.typed[field] ?? shown[field] ?? '';
  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
  const injuries = $derived(injuryLines(background, places));
  const facts = $derived([
    ['Past injuries', injuries.join(' · ') || 'none noted'],
    ['Wears', background.wears || 'nothing noted'],
    ['Surface', background.surface ?? '—'],
    ['Takes off from', background.takeOffLeg ?? '—'],
    ['Practice', background.practiceHours === null ? '—' : `${String(background.practiceHours)} h a week`],
  ]);
</script>

<FoldSection title="Background" {editable} bind:open>
  <dl>
    {#each facts as [name, value] (name)}<dt>{name}</dt>
      <dd>{value}</dd>{/each}
  </dl>
  {#if injuries.length > 0}<p class="note">
      A past injury asks for its screens before high-tier jumps, and cards lean to what guards it. <span class="rule-id"
        >SAFE-11</span
      >
    </p>{/if}
  {#if background.wears}<p class="note">Braces, tape and shoes bar nothing: look at the knee-to-wall screen.</p>{/if}
  {#snippet form()}
    <form
      method="post"
      action="?/background"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') open = false;
        }}
    >
      <CommandId of="background" shows={shown} />
      <TextArea
        rows={3}
        labelText="Past injuries, one a line: knee, 2024, left"
        name="injuries"
        value={text('injuries')}
        invalid={!!error('injuries')}
        invalidText={error('injuries')}
      />
      <TextInput size="sm" labelText="Braces, tape, shoes" name="wears" value={text('wears')} />
      <Select size="sm" labelText="Usual surface" name="surface" selected={text('surface')}>
        <SelectItem value="" text="—" />
        {#each ['hall', 'turf', 'ice', 'board'] as one (one)}<SelectItem value={one} text={one} />{/each}
      </Select>
      <Select size="sm" labelText="Takes off from" name="takeOffLeg" selected={text('takeOffLeg')}>
        <SelectItem value="" text="—" /><SelectItem value="left" text="left" /><SelectItem value="right" text="right" />
      </Select>
      <TextInput
        size="sm"
        labelText="Practice, hours a week"
        name="practiceHours"
        value={text('practiceHours')}
        invalid={!!error('practiceHours')}
        invalidText={error('practiceHours')}
      />
      {#each ['wears', 'surface', 'takeOffLeg'] as field (field)}
        {#if error(field)}<p class="warn-text" role="alert">{error(field)}</p>{/if}
      {/each}
      <Button type="submit" size="small" kind="tertiary">Keep</Button>
    </form>
  {/snippet}
</FoldSection>

<style>
  form {
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
  }
</style>
