<script lang="ts">
  import { goto } from '$app/navigation';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { SubmitFunction } from '@sveltejs/kit';
  import { DAY_ORDERS } from '$core/calendar';
  import SettingsTabs from '$lib/ui/settings/SettingsTabs.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';

  let { data, form } = $props();
  const DAY_ORDER_WORDS = {
    'day-first': 'day first: 28 Nov 2026',
    'month-first': 'month first: Nov 28, 2026',
  } as const;
  /** The page on screen tells days anew as well. */
  const daysKept: SubmitFunction =
    ({ formData }) =>
    async ({ result, update }) => {
      if (result.type === 'success') document.documentElement.dataset.days = String(formData.get('order'));
      await update({ reset: false });
    };
  const squad = $derived(data.squads.find(({ id }) => id === data.squadId) ?? null);
</script>

<svelte:head><title>Schools · Jaleo</title></svelte:head>

<div class="page">
  <h1>Settings</h1>
  <SettingsTabs />
  <div class="top">
    <p>
      Good coaches differ on these. Each is told as both sides would; choose yours, and every screen reads by it at
      once. Where they meet safety, safety stays.
    </p>
    <Select
      size="sm"
      labelText="For"
      selected={data.squadId ?? ''}
      on:update={({ detail }) => {
        if ((detail || null) !== data.squadId) void goto(detail ? `/settings?squad=${String(detail)}` : '/settings');
      }}
    >
      <SelectItem value="" text="The whole club" />
      {#each data.squads as { id, name, own } (id)}
        <SelectItem value={id} text={own === 0 ? name : `${name}, ${String(own)} of its own`} />
      {/each}
    </Select>
  </div>
  <ul>
    {#each data.schools as school (school.id)}
      <li id={school.id}>
        <div>
          <h2>{school.name}</h2>
          <p>{school.told}</p>
          <p class="note">Changes: {school.changes}</p>
        </div>
        <form method="post" action="?/choose" use:enhance={keep}>
          <CommandId of="choose:{school.id}" shows={{ option: squad ? (school.own ?? '') : school.club }} />
          <input type="hidden" name="school" value={school.id} />
          <input type="hidden" name="squadId" value={data.squadId ?? ''} />
          <fieldset disabled={!data.may.plan}>
            <legend class="unseen">{school.name}</legend>
            {#if squad}
              <label
                ><input
                  type="radio"
                  name="option"
                  value=""
                  checked={school.own === null}
                  onchange={(event) => event.currentTarget.form?.requestSubmit()}
                /><span>as the club <i>({school.club})</i></span></label
              >
            {/if}
            {#each school.options as option (option)}
              <label
                ><input
                  type="radio"
                  name="option"
                  value={option}
                  checked={squad ? school.own === option : school.club === option}
                  onchange={(event) => event.currentTarget.form?.requestSubmit()}
                /><span
                  >{option}{#if option === school.standard}{' '}<i>usual</i>{/if}</span
                ></label
              >
            {/each}
          </fieldset>
          <p class="kept" role="status">
            {form?.form === `choose:${school.id}` ? (form.message ?? 'Kept. It counts from now.') : ''}
          </p>
        </form>
      </li>
    {/each}
    {#if !squad}
      <li id="days">
        <div>
          <h2>Days</h2>
          <p>
            How days are told everywhere, and which of two numbers is the day when one is typed, pasted or read from a
            file. A number that cannot be a day or a month is refused, never turned round.
          </p>
        </div>
        <form method="post" action="?/days" use:enhance={daysKept}>
          <CommandId of="days" shows={{ order: data.dayOrder }} />
          <fieldset disabled={!data.may.plan}>
            <legend class="unseen">Days</legend>
            {#each DAY_ORDERS as order (order)}
              <label
                ><input
                  type="radio"
                  name="order"
                  value={order}
                  checked={data.dayOrder === order}
                  onchange={(event) => event.currentTarget.form?.requestSubmit()}
                /><span>{DAY_ORDER_WORDS[order]}</span></label
              >
            {/each}
          </fieldset>
          <p class="kept" role="status">{form?.form === 'days' ? (form.message ?? 'Kept. It counts from now.') : ''}</p>
        </form>
      </li>
    {/if}
  </ul>
</div>

<style>
  .page {
    padding: 16px 24px 48px;
    max-width: 1080px;
  }
  h1 {
    margin-bottom: 8px;
  }
  .top {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 240px;
    gap: 32px;
    align-items: end;
    margin-bottom: 12px;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    gap: 32px;
    border-top: var(--rule);
    padding: 14px 0;
  }
  h2 {
    font-size: 16px;
    line-height: 22px;
    margin-bottom: 2px;
  }
  .note {
    margin-top: 4px;
  }
  fieldset {
    border: 0;
    padding: 0;
    display: grid;
  }
  label {
    display: grid;
    grid-template-columns: 22px 1fr;
    align-items: center;
    min-height: 30px;
    cursor: pointer;
  }
  input[type='radio'] {
    accent-color: var(--ink);
    margin: 0;
    width: 15px;
    height: 15px;
  }
  i {
    font-style: normal;
    color: var(--pizarra);
    font-size: 12.5px;
  }
  .kept {
    font-size: 12.5px;
    color: var(--oliva);
    min-height: 16px;
  }
  .unseen {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  @media (pointer: coarse) {
    label {
      min-height: 44px;
    }
  }
  @media (max-width: 800px) {
    li,
    .top {
      grid-template-columns: minmax(0, 1fr);
      gap: 10px;
    }
  }
</style>
