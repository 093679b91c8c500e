<script lang="ts">
  import { page } from '$app/state';
  import { Select, SelectItem, SelectItemGroup } from 'carbon-components-svelte';
  import type { RecordSide, TestSpec } from '$core/testing';
  import type { CellAnswer, CellBody } from '$lib/model/results';
  import ContractRelax from '$lib/ui/measure/ContractRelax.svelte';
  import Counter from '$lib/ui/measure/Counter.svelte';
  import ToolView from '$lib/ui/measure/ToolView.svelte';
  import { TOOLS } from '$lib/ui/measure/tools';

  let { data } = $props();

  const COUNTER = { id: 'counter', name: 'Counter with a beat' };
  const RELAX = { id: 'contract-relax', name: 'Contract–relax' };
  const links = [...TOOLS.map(({ id, name }) => ({ id, name })), COUNTER, RELAX];
  const title = $derived(links.find(({ id }) => id === chosen)?.name ?? COUNTER.name);
  const chosen = $derived(page.url.searchParams.get('tool') ?? 'lift');
  const tool = $derived(TOOLS.find(({ id }) => id === chosen));
  /** what was typed in each tool stays while the page is open */
  let typed = $state.raw<Record<string, Record<string, string>>>(
    Object.fromEntries(
      TOOLS.map(({ id, fields }) => [id, Object.fromEntries(fields.map((field) => [field.id, field.start]))]),
    ),
  );
  let athleteId = $state('');
  let as = $state('');
  let said = $state('');
  const specs = $derived(new Map<string, TestSpec>(data.specs.map((spec: TestSpec) => [spec.id, spec])));
  const nameOf = (id: string): string =>
    data.squads.flatMap(({ people }) => people).find((one) => one.id === id)?.name ?? '';
  /** heights may be of any jump; the coach says which */
  const HEIGHTS = ['cmj', 'sj', 'approach-one', 'approach-two'];

  async function write(test: string, value: number, side: RecordSide = 'both'): Promise<void> {
    const spec = specs.get(HEIGHTS.includes(test) && as !== '' ? as : test);
    if (!spec) return;
    if (athleteId === '') {
      said = 'Choose who it is of first.';
      return;
    }
    const cell: CellBody = {
      athleteId,
      test: spec.id,
      day: data.today,
      side,
      value: Math.round(value * 1e4) / 1e4,
      trials: null,
      joints: null,
      loadKg: null,
      reps: null,
      rir: null,
      seen: 0,
      sure: false,
      source: chosen === 'video' ? 'video' : chosen === 'repeated' ? 'mat' : chosen === 'counter' ? 'counter' : 'typed',
    };
    try {
      const response = await fetch('/api/results', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ cells: [cell] }),
      });
      const body = (await response.json()) as { answers?: CellAnswer[]; messages?: string[] };
      const answer = body.answers?.[0];
      const shown = (of: number): string => `${(of * spec.per).toFixed(spec.decimals)} ${spec.unit}`;
      said =
        answer?.state === 'kept'
          ? `Kept: ${nameOf(athleteId)}, ${spec.name} ${shown(value)}${answer.cell?.asks ? '. It is far from the last: say on the start line whether it is right.' : '.'}`
          : answer?.state === 'conflict'
            ? `${nameOf(athleteId)} has ${spec.name} ${answer.cell?.value == null ? '' : shown(answer.cell.value)} today already: change it on the start line.`
            : (answer?.message ?? body.messages?.join(' ') ?? 'This was not kept.');
    } catch {
      said = 'The server is away: not kept. Your numbers stay here.';
    }
  }
</script>

<svelte:head><title>Measure · Jaleo</title></svelte:head>

<div class="page">
  <nav aria-label="Tools">
    {#each links as { id, name } (id)}
      <a href="/measure?tool={id}" class:here={id === chosen} aria-current={id === chosen ? 'page' : undefined}
        >{name}</a
      >
    {/each}
  </nav>
  <div class="main">
    <h1>{title}</h1>
    {#if tool}<p class="says">{tool.says}</p>{/if}
    {#if data.may.write && chosen !== RELAX.id}
      <div class="who">
        <Select size="sm" labelText="Write down for" bind:selected={athleteId}>
          <SelectItem value="" text="nobody yet" />
          {#each data.squads as squad (squad.id)}
            <SelectItemGroup label={squad.name}
              >{#each squad.people as one (one.id)}<SelectItem value={one.id} text={one.name} />{/each}</SelectItemGroup
            >
          {/each}
        </Select>
        {#if ['flight', 'reach', 'video', 'trace'].includes(chosen)}
          <Select size="sm" labelText="A height is of" bind:selected={as}>
            <SelectItem value="" text="the usual jump" />
            {#each HEIGHTS as id (id)}<SelectItem value={id} text={specs.get(id)?.name ?? id} />{/each}
          </Select>
        {/if}
        <p role="status">{said}</p>
      </div>
    {/if}
    {#if chosen === COUNTER.id}
      <Counter onwrite={data.may.write ? write : null} />
    {:else if chosen === RELAX.id}
      <ContractRelax />
    {:else if tool}
      {#key tool.id}
        <ToolView
          {tool}
          typed={typed[tool.id] ?? {}}
          set={(field, text) => (typed = { ...typed, [tool.id]: { ...typed[tool.id], [field]: text } })}
          onwrite={data.may.write ? write : null}
        />
      {/key}
    {/if}
  </div>
</div>

<style>
  .page {
    display: grid;
    grid-template-columns: 210px minmax(0, 1fr);
    min-height: calc(100vh - 62px);
  }
  nav {
    padding: 16px 8px 24px 16px;
    border-right: var(--rule);
    display: grid;
    align-content: start;
  }
  nav a,
  nav a:visited {
    color: var(--ink);
    text-decoration: none;
    padding: 6px 8px 6px 10px;
    border-left: 3px solid transparent;
  }
  nav a:hover {
    background: var(--cal-2);
  }
  nav a.here {
    border-left-color: var(--ink);
    font-weight: 640;
  }
  .main {
    padding: 14px 24px 48px;
    display: grid;
    gap: 14px;
    align-content: start;
    min-width: 0;
  }
  .says {
    max-width: 640px;
  }
  .who {
    display: grid;
    grid-template-columns: 260px 220px minmax(0, 1fr);
    gap: 16px;
    align-items: end;
    max-width: 960px;
  }
  @media (max-width: 800px) {
    .page {
      grid-template-columns: minmax(0, 1fr);
    }
    nav {
      border-right: 0;
      border-bottom: var(--rule);
      grid-template-columns: 1fr 1fr;
    }
    .who {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (pointer: coarse) {
    nav a {
      min-height: 44px;
    }
  }
</style>
