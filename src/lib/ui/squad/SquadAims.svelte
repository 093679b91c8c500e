<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { SquadAims } from '$core/startline';
  import FoldSection from '../parts/FoldSection.svelte';
  import type { Trouble } from '$lib/model/forms';
  import { aimsTexts } from '$lib/model/shown/squad';
  import CommandId from '../parts/CommandId.svelte';

  let {
    aims,
    tests,
    editable,
    trouble,
  }: {
    aims: SquadAims;
    tests: readonly { id: string; name: string; unit: string; per: number }[];
    editable: boolean;
    trouble: Trouble | null;
  } = $props();

  const WHO = [
    ['female', 'women'],
    ['male', 'men'],
    ['young', 'under 16'],
  ] as const;
  // a form that was refused stays open with what was typed
  // svelte-ignore state_referenced_locally
  let open = $state(trouble !== null);
  $effect(() => {
    if (trouble) open = true;
  });
  // svelte-ignore state_referenced_locally
  let chosen = $state(trouble?.typed.resultTest ?? aims.result?.test ?? '');
  const test = $derived(tests.find(({ id }) => id === chosen));
  const result = $derived(tests.find(({ id }) => id === aims.result?.test));
  const text = (field: string, value: string | number | null): string =>
    trouble?.typed[field] ?? (value === null ? '' : String(value));
  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
  const targets = $derived(
    WHO.flatMap(([who, name]) => {
      const own = aims.targets[who];
      return own ? [`${name} ${String(own.squat)} and ${String(own.hinge)}`] : [];
    }),
  );
</script>

{#snippet times(field: string, value: number | null, label: string)}
  <TextInput
    size="sm"
    labelText={label}
    name={field}
    value={text(field, value)}
    invalid={!!error(field)}
    invalidText={error(field)}
  />
{/snippet}

<FoldSection title="Aims" change="Change aims" {editable} bind:open>
  <dl>
    <dt>Result</dt>
    <dd>
      {aims.result ? aims.result.name || result?.name : 'none named'}{aims.result?.error != null && result
        ? `, ±${String(Math.round(aims.result.error * result.per * 1000) / 1000)} ${result.unit}`
        : ''}
    </dd>
    <dt>Squat, hinge</dt>
    <dd>{targets.join(' · ') || 'as the method'} <span class="note">× body mass</span></dd>
    <dt>Enough</dt>
    <dd>{aims.enough.squat ?? '—'} · {aims.enough.hinge ?? '—'}</dd>
  </dl>
  {#snippet form()}
    <form
      method="post"
      action="?/aims"
      use:enhance={() =>
        async ({ result: answer, update }) => {
          await update({ reset: false });
          if (answer.type === 'success') open = false;
        }}
    >
      <CommandId of="aims" shows={aimsTexts(aims, result?.per ?? 1)} />
      <Select
        size="sm"
        labelText="The result that counts"
        name="resultTest"
        bind:selected={chosen}
        invalid={!!error('resultTest')}
        invalidText={error('resultTest')}
      >
        <SelectItem value="" text="none" />
        {#each tests as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
      <div class="two">
        <TextInput
          size="sm"
          labelText="In your words"
          name="resultName"
          value={text('resultName', aims.result?.name ?? '')}
          invalid={!!error('resultName')}
          invalidText={error('resultName')}
        />
        <TextInput
          size="sm"
          labelText="Its error ± {test?.unit ?? ''}"
          name="resultError"
          value={text(
            'resultError',
            aims.result?.error == null ? null : Math.round(aims.result.error * (result?.per ?? 1) * 1000) / 1000,
          )}
          invalid={!!error('resultError')}
          invalidText={error('resultError')}
        />
      </div>
      <p class="note">
        How much it differs between two days when nothing changed. Empty: from your own repeats, else assumed.
      </p>
      {#each WHO as [who, name] (who)}
        <div class="two">
          {@render times(`${who}Squat`, aims.targets[who]?.squat ?? null, `Squat, ${name}`)}
          {@render times(`${who}Hinge`, aims.targets[who]?.hinge ?? null, `Hinge, ${name}`)}
        </div>
      {/each}
      <p class="note">Force targets in × body mass; empty: 1.25 and 1.5, under 16 1.0 and 1.2.</p>
      <div class="two">
        {@render times('enoughSquat', aims.enough.squat, 'Squat is enough at')}
        {@render times('enoughHinge', aims.enough.hinge, 'Hinge is enough at')}
      </div>
      <p class="note">From here on a lift is kept, not raised. <span class="rule-id">DOSE-6</span></p>
      <Button type="submit" size="small" kind="tertiary">Keep aims</Button>
    </form>
  {/snippet}
</FoldSection>

<style>
  .two {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 10px;
  }
</style>
