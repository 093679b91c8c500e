<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { EChartsOption } from 'echarts';
  import { chart, type DrawnChart } from '$lib/ui/charts/chart';
  import LibraryTabs from '$lib/ui/library/LibraryTabs.svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();
  let drawn = $state.raw<DrawnChart | null>(null);

  const go = (side: 'a' | 'b', key: string): void => {
    const query = new URLSearchParams(page.url.searchParams);
    if (key === '') query.delete(side);
    else query.set(side, key);
    void goto(`/library/sports?${query.toString()}`, { keepFocus: true, noScroll: true });
  };
  const colour = (name: string): string =>
    getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
  /** Bars from the top in the order of the table; the second side hollow, so that no hue is needed to tell them apart. */
  const option = (): EChartsOption => {
    const [ink, paper, rule, second] = ['ink', 'cal', 'cal-3', 'mora'].map(colour);
    const font = { color: ink, fontFamily: 'Archivo Variable, sans-serif', fontSize: 12 };
    const side = (name: string, values: readonly number[], hollow: boolean) => ({
      name,
      type: 'bar' as const,
      data: [...values],
      barWidth: data.b ? 6 : 9,
      itemStyle: hollow ? { color: paper, borderColor: second, borderWidth: 1.5 } : { color: ink },
    });
    return {
      animation: false,
      aria: { enabled: true },
      textStyle: font,
      grid: { left: 150, right: 16, top: 26, bottom: 24 },
      legend: { top: 0, left: 150, textStyle: font, itemWidth: 12, itemHeight: 8, selectedMode: false },
      tooltip: { trigger: 'axis', axisPointer: { type: 'shadow' } },
      xAxis: { min: 0, max: 5, interval: 1, splitLine: { lineStyle: { color: rule } }, axisLabel: font },
      yAxis: {
        type: 'category',
        inverse: true,
        data: data.demands.map(({ name }) => name),
        axisLine: { lineStyle: { color: ink } },
        axisTick: { show: false },
        axisLabel: { ...font, interval: 0 },
      },
      series: [side(data.a.name, data.a.weights, false), ...(data.b ? [side(data.b.name, data.b.weights, true)] : [])],
    };
  };
  const beside = $derived(data.b ? data.b.key : '');
  const save = (): void => {
    if (!drawn) return;
    const link = document.createElement('a');
    link.href = drawn.image();
    link.download = `${data.a.key.replace('/', '-')}.svg`;
    link.click();
  };
  const wrong = $derived(form?.form.startsWith('weigh:') ? form.errors.weight?.[0] : undefined);
</script>

<svelte:head><title>{data.a.name} · Sports · Jaleo</title></svelte:head>

<div class="page">
  <h1>Library</h1>
  <LibraryTabs />
  <div class="pick">
    <Select
      size="sm"
      labelText="Sport or role"
      selected={data.a.key}
      on:update={({ detail }) => String(detail) !== data.a.key && go('a', String(detail))}
    >
      {#each data.options as { key, name } (key)}<SelectItem value={key} text={name} />{/each}
    </Select>
    <Select
      size="sm"
      labelText="Beside it"
      selected={beside}
      on:update={({ detail }) => String(detail) !== beside && go('b', String(detail))}
    >
      <SelectItem value="" text="nothing" />
      {#each data.options as { key, name } (key)}<SelectItem value={key} text={name} />{/each}
    </Select>
  </div>
  <div class="split">
    <section>
      <h2>What {data.a.name} asks</h2>
      <div
        class="chart"
        role="img"
        aria-label="Demands of {data.a.name}{data.b
          ? ` beside ${data.b.name}`
          : ''}: the table beside it has the numbers"
        {@attach chart(option, (ready) => (drawn = ready))}
      ></div>
      {#if drawn}<QuietButton onclick={save}>Save as image</QuietButton>{/if}
      <dl>
        {#each data.sport.facts as [name, value] (name)}<dt>{name}</dt>
          <dd>{value}</dd>{/each}
      </dl>
    </section>
    <section>
      <header>
        <h2>
          {data.sport.name}, weights 0–5{#if data.sport.own}{' '}<b class="own">the club’s own copy</b>{/if}
        </h2>
        <p class="note">
          {data.sport.squads.length === 0
            ? 'No squad plays it here.'
            : `Chosen for by it: ${data.sport.squads.join(', ')}.`}
          {#if data.may.plan}Change a weight and the club has its own copy; the Bench follows at once.{/if}
        </p>
        {#if data.sport.own && data.may.plan}
          <form method="post" action="?/putBack" use:enhance={keep}>
            <CommandId of="putBack" />
            <input type="hidden" name="id" value={data.sport.id} />
            <QuietButton>Put the built-in profile back</QuietButton>
          </form>
        {/if}
        {#if wrong}<p class="warn-text" role="alert">{wrong}</p>{/if}
      </header>
      <table>
        <thead>
          <tr
            ><th>Demand</th><th>Weight</th>{#if data.b}<th>{data.b.name}</th>{/if}<th>Why</th></tr
          >
        </thead>
        <tbody>
          {#each data.demands as { id, name, note }, i (id)}
            {@const weight = data.sport.weights[i] ?? 0}
            {@const standard = data.sport.builtIn?.[id]}
            <tr>
              <th scope="row">{name}</th>
              <td>
                {#if data.may.plan}
                  <form method="post" action="?/weigh" use:enhance={keep}>
                    <CommandId of="weigh:{id}" shows={{ weight: String(weight) }} />
                    <input type="hidden" name="id" value={data.sport.id} />
                    <input type="hidden" name="demand" value={id} />
                    <input
                      name="weight"
                      inputmode="decimal"
                      aria-label="Weight of {name}"
                      value={String(weight)}
                      onchange={(event) => event.currentTarget.form?.requestSubmit()}
                    />
                  </form>
                {:else}{weight}{/if}
              </td>
              {#if data.b}<td class="figure">{data.b.weights[i]}</td>{/if}
              <td class="note">
                {note}{#if standard !== undefined && standard !== weight}{' '}<b>built in {standard}</b>{/if}
                {#if (data.a.weights[i] ?? 0) !== weight}<b>{data.a.name}: {data.a.weights[i]}</b>{/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
    </section>
  </div>
</div>

<style>
  .page {
    padding: 14px 24px 48px;
  }
  .pick {
    display: grid;
    grid-template-columns: 280px 280px;
    gap: 16px;
    padding: 12px 0;
  }
  .split {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 32px;
  }
  .chart {
    height: 470px;
    border-top: 2px solid var(--ink);
    padding-top: 8px;
  }
  dl {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 3px 14px;
    margin-top: 10px;
  }
  dt {
    color: var(--ink-2);
  }
  .own {
    border: 1px solid var(--ink);
    font-size: 11.5px;
    padding: 0 5px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin-top: 8px;
    border-top: 2px solid var(--ink);
  }
  th,
  td {
    text-align: left;
    border-bottom: var(--rule);
    padding: 1px 8px 1px 0;
    font-weight: 420;
    height: 29px;
  }
  tbody th {
    font-weight: 560;
    font-stretch: 92%;
    white-space: nowrap;
  }
  thead th {
    font-size: 12px;
    color: var(--ink-2);
  }
  input[name='weight'] {
    width: 44px;
    height: 25px;
    border: 1px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    font: inherit;
    text-align: center;
    font-variant-numeric: tabular-nums;
  }
  @media (pointer: coarse) {
    input[name='weight'] {
      height: 44px;
    }
  }
  @media (max-width: 900px) {
    .split,
    .pick {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
