<script lang="ts">
  import { tick } from 'svelte';
  import { Button } from 'carbon-components-svelte';
  import { formatDose } from '$core/exchange';
  import type { Facts, Reason } from '$core/result';
  import type { MassUnit } from '$core/units';
  import { inSentence, sayReason } from '$lib/messages';
  import FamilyGlyph from '../glyphs/FamilyGlyph.svelte';
  import { bindKeys } from '../shell/keys';
  import type { BenchState } from './bench-state.svelte';
  import DoseEditor from './DoseEditor.svelte';
  import { matrixCell, matrixColumns, matrixRacks } from './matrix';

  let {
    bench,
    athletes,
    squadId,
    racks,
    mass,
    editable,
    placeName,
  }: {
    bench: BenchState;
    athletes: readonly { id: string; name: string }[];
    squadId: string;
    racks: number;
    mass: MassUnit;
    editable: boolean;
    placeName: (id: string) => string;
  } = $props();

  const VARIANT_WORDS = {
    squad: 'as written',
    less: 'less',
    other: 'other',
    safe: 'safe',
    typed: 'yours',
    without: '–',
  };
  const nameOf = (id: string): string => bench.views[id]?.name ?? id;
  const lines = $derived(bench.card?.lines ?? []);
  const columns = $derived(matrixColumns(lines, bench.view, mass));
  const cells = $derived(new Map(bench.view.map((own) => [`${own.slot} ${own.athleteId}`, own])));
  const stations = $derived(matrixRacks(lines, bench.view, racks, mass));
  const rackOf = $derived(
    new Map(stations.flatMap((rack, i) => rack.athletes.map(({ id }) => [id, String(i + 1)] as const))),
  );
  const heaviest = $derived(Math.max(1, ...stations.flatMap((rack) => rack.athletes.map(({ loadKg }) => loadKg))));
  const namesOf = (ids: readonly { id: string }[]): string =>
    ids
      .map(
        ({ id }) =>
          athletes
            .find((one) => one.id === id)
            ?.name.split(' ')
            .at(-1) ?? '',
      )
      .join(', ');

  let row = $state(0);
  let column = $state(0);
  let editing = $state(false);
  const athlete = $derived(athletes[Math.min(row, athletes.length - 1)]);
  const over = $derived(columns[Math.min(column, columns.length - 1)]);
  const own = $derived(athlete && over ? cells.get(`${over.slot} ${athlete.id}`) : undefined);
  const line = $derived(lines.find(({ slot }) => slot === over?.slot));
  const placed = (facts: Facts): Facts =>
    typeof facts.place === 'string' ? { ...facts, place: placeName(facts.place) } : facts;
  const say = (reason: Reason): string => sayReason({ code: reason.code, facts: placed(reason.facts) });
  const reasons = $derived(own ? (own.stopped ? [own.stopped] : own.reasons) : []);
  const rules = $derived([...new Set(reasons.flatMap((reason) => reason.rules))]);
  const instead = $derived(
    [...new Map((line?.substitutes ?? []).map((one) => [one.exerciseId, one])).values()].filter(
      ({ exerciseId }) => exerciseId !== own?.exerciseId,
    ),
  );

  const cellId = (r: number, c: number): string => `cell-${String(r)}-${String(c)}`;
  function go(r: number, c: number): void {
    row = Math.min(athletes.length - 1, Math.max(0, r));
    column = Math.min(columns.length - 1, Math.max(0, c));
    editing = false;
    void tick().then(() => document.getElementById(cellId(row, column))?.focus());
  }
  const back = (done: Promise<void>): void =>
    void done.then(() => document.getElementById(cellId(row, column))?.focus());
  const give = (kind: 'less' | 'other'): void => {
    if (editable && athlete && over) back(bench.give(over.slot, athlete.id, { kind }));
  };
  const leaveOut = (): void => {
    if (editable && athlete && over) back(bench.leaveOut(over.slot, athlete.id));
  };
  const asRules = (): void => {
    if (editable && athlete && over) back(bench.asRules(over.slot, athlete.id));
  };

  $effect(() => {
    const move = (r: number, c: number) => (event: KeyboardEvent) => {
      event.preventDefault();
      go(row + r, column + c);
    };
    return bindKeys({
      ArrowUp: move(-1, 0),
      ArrowDown: move(1, 0),
      ArrowLeft: move(0, -1),
      ArrowRight: move(0, 1),
      Home: () => go(row, 0),
      End: () => go(row, columns.length - 1),
      Enter: (event) => {
        if (event.target instanceof Element && event.target.closest('button:not(.cell), a, summary')) return;
        event.preventDefault();
        if (editable && own?.exerciseId != null) editing = true;
      },
      l: () => give('less'),
      o: () => give('other'),
      x: leaveOut,
      Backspace: asRules,
    });
  });
</script>

<div class="matrix">
  <div class="scroll">
    <table role="grid" aria-label="Everybody, line by line" style:min-width="{170 + columns.length * 88}px">
      <thead>
        <tr>
          <th scope="col" class="who"><span class="visually-hidden">Athlete</span></th>
          {#if stations.length > 0}<th scope="col" class="rack label">rack</th>{/if}
          {#each columns as { slot, exerciseId, sets, rest } (slot)}
            <th scope="col">
              {#if bench.views[exerciseId]}<FamilyGlyph family={bench.views[exerciseId].family} size={20} />{/if}
              <span class="name">{nameOf(exerciseId)}</span>
              <b>{sets}</b>
              <span class="note">{rest}</span>
            </th>
          {/each}
        </tr>
      </thead>
      <tbody>
        {#each athletes as { id, name }, r (id)}
          <tr class:chosen={r === row}>
            <th scope="row">{name}</th>
            {#if stations.length > 0}<td class="rack">{rackOf.get(id) ?? '–'}</td>{/if}
            {#each columns as { slot, exerciseId, sets }, c (slot)}
              {@const found = matrixCell(cells.get(`${slot} ${id}`), { slot, exerciseId }, mass, nameOf)}
              <td>
                {#if editing && r === row && c === column && own}
                  <DoseEditor
                    text={formatDose(own.dose, mass)}
                    label="Dose of {name}"
                    onkeep={(text) => bench.typeDose(slot, text, id)}
                    onleave={() => {
                      editing = false;
                      void tick().then(() => document.getElementById(cellId(r, c))?.focus());
                    }}
                  />
                {:else}
                  <button
                    id={cellId(r, c)}
                    class="cell {found.variant}"
                    tabindex={r === row && c === column ? 0 : -1}
                    aria-pressed={r === row && c === column}
                    title={found.words}
                    onclick={() => go(r, c)}
                    ondblclick={() => {
                      if (editable && own?.exerciseId != null) editing = true;
                    }}
                  >
                    {#if found.words === ''}<span class="dot" aria-hidden="true"></span><span class="visually-hidden"
                        >as written, {sets}</span
                      >{:else}{found.words}{#if found.rule}&nbsp;<span class="rule">{found.rule}</span>{/if}{/if}
                  </button>
                {/if}
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row" class="label">how many</th>
          {#if stations.length > 0}<td></td>{/if}
          {#each columns as { slot, counts } (slot)}
            <td>
              <span class="marks" aria-hidden="true">
                {#each counts as [variant, count] (variant)}{#each { length: count }, i (i)}<i class={variant}
                    ></i>{/each}{/each}
              </span>
              <span class="note"
                >{counts
                  .map(([variant, count]) =>
                    variant === 'squad' ? String(count) : `${String(count)} ${VARIANT_WORDS[variant]}`,
                  )
                  .join(' · ')}</span
              >
            </td>
          {/each}
        </tr>
      </tfoot>
    </table>
  </div>
  {#if athlete && over}
    <section class="why" aria-label="The chosen cell" aria-live="polite">
      <p>
        <b>{athlete.name}, {inSentence(nameOf(over.exerciseId))}.</b>
        {#each reasons as reason (reason.code)}{say(reason)}&nbsp;{:else}As the squad does.{/each}
        <span class="rule-id">{rules.join(' · ')}</span>
      </p>
      {#if editable}
        <div class="buttons">
          {#if instead.length > 0}
            <select
              aria-label="Another entry for {athlete.name}"
              value=""
              onchange={(event) => {
                const to = instead.find(({ exerciseId }) => exerciseId === event.currentTarget.value);
                if (to) back(bench.give(over.slot, athlete.id, { kind: 'entry', ...to }));
                event.currentTarget.value = '';
              }}
            >
              <option value="">Choose another</option>
              {#each instead as { exerciseId } (exerciseId)}<option value={exerciseId}>{nameOf(exerciseId)}</option
                >{/each}
            </select>
          {/if}
          <Button size="small" kind="tertiary" disabled={!own?.exerciseId} on:click={() => give('less')}>Less</Button>
          <Button size="small" kind="tertiary" disabled={!own?.exerciseId} on:click={leaveOut}>Without</Button>
          {#if bench.card?.typed.some(({ slot, athleteId }) => slot === over.slot && athleteId === athlete.id)}
            <Button size="small" kind="ghost" on:click={asRules}>As the rules say</Button>
          {/if}
          <a class="quiet" href="/squad/{squadId}/{athlete.id}">Open {athlete.name.split(' ')[0]}</a>
        </div>
      {/if}
    </section>
  {/if}
  {#if stations.length > 0}
    <div class="racks">
      {#each stations as rack, i (i)}
        <section>
          <h3>Rack {i + 1} <span class="note">{rack.words}</span></h3>
          <div class="bars" aria-hidden="true">
            {#each rack.athletes as { id, loadKg } (id)}<i style:height="{4 + (loadKg / heaviest) * 14}px"></i>{/each}
          </div>
          <p class="note">{namesOf(rack.athletes)}</p>
        </section>
      {/each}
    </div>
  {/if}
</div>

<style>
  .matrix {
    display: flex;
    flex-direction: column;
    min-height: 0;
    flex: 1;
    padding-right: 12px;
  }
  .scroll {
    position: relative;
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    width: 100%;
    table-layout: fixed;
    font-stretch: 84%;
  }
  thead th {
    text-align: left;
    vertical-align: bottom;
    padding: 0 6px 6px;
    border-bottom: 2px solid var(--ink);
    font-weight: 420;
    font-size: 13px;
  }
  thead .who {
    width: 128px;
  }
  thead .rack {
    width: 40px;
  }
  thead th > * {
    display: block;
  }
  thead .name {
    font-weight: 640;
    line-height: 16px;
  }
  thead b {
    font-weight: 640;
  }
  tbody th {
    text-align: left;
    font-size: 13.5px;
    font-weight: 520;
    white-space: nowrap;
    padding: 0 8px 0 0;
    font-stretch: 92%;
  }
  tr.chosen th {
    font-weight: 680;
  }
  tbody td,
  tbody th {
    border-bottom: var(--rule);
    height: 27px;
  }
  td {
    padding: 0;
  }
  .rack {
    padding: 0 8px;
    color: var(--ink-2);
  }
  .cell {
    width: 100%;
    height: 100%;
    min-height: 27px;
    padding: 0 6px;
    border: 2px solid transparent;
    background: none;
    color: var(--ink);
    text-align: left;
    font: inherit;
    font-size: 13.5px;
    font-weight: 560;
    font-stretch: 78%;
    line-height: 15px;
    cursor: pointer;
  }
  .cell.less,
  .cell.typed {
    box-shadow: inset 0 0 0 1px var(--ink);
  }
  .cell.other,
  .cell.safe {
    background: var(--anil-w);
  }
  .cell.without {
    color: var(--almagre-t);
    font-weight: 640;
  }
  .cell[aria-pressed='true'] {
    border-color: var(--ink);
  }
  .rule {
    font-size: 11px;
  }
  .dot {
    display: inline-block;
    width: 4px;
    height: 4px;
    background: var(--pizarra);
  }
  tfoot th,
  tfoot td {
    padding: 6px 6px 8px;
    vertical-align: top;
    text-align: left;
  }
  .marks {
    display: flex;
    flex-wrap: wrap;
    gap: 1px;
  }
  .marks i {
    width: 4px;
    height: 8px;
    background: var(--ink);
  }
  .marks i.less,
  .marks i.typed {
    background: none;
    box-shadow: inset 0 0 0 1px var(--ink);
  }
  .marks i.other,
  .marks i.safe {
    background: var(--anil);
  }
  .marks i.without {
    background: none;
    box-shadow: inset 0 0 0 1px var(--edge);
  }
  .why {
    border-top: 2px solid var(--ink);
    background: var(--cal-1);
    padding: 10px 12px;
    display: flex;
    flex-wrap: wrap;
    gap: 8px 24px;
    align-items: center;
    margin-top: auto;
  }
  .why p {
    flex: 1 1 320px;
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
  select {
    height: 32px;
    border: 1px solid var(--ink);
    background: var(--cal-1);
    color: var(--ink);
    font: inherit;
    padding: 0 8px;
    max-width: 180px;
  }
  .racks {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 40px;
    padding: 8px 12px 4px;
    border-top: var(--rule);
  }
  .bars {
    display: flex;
    gap: 4px;
    align-items: flex-end;
    min-height: 18px;
  }
  .bars i {
    width: 32px;
    background: var(--anil);
  }
  @media (pointer: coarse) {
    .cell {
      min-height: 44px;
    }
  }
</style>
