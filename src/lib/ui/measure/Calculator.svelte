<script lang="ts">
  import { sayIssue } from '$lib/messages';
  import type { Tool, Values } from './tools';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    tool,
    values,
    set,
    onwrite,
  }: {
    tool: Tool;
    /** typed text by field */
    values: Readonly<Record<string, string>>;
    set: (field: string, text: string) => void;
    onwrite: ((test: string, value: number) => void) | null;
  } = $props();

  const parse = (text: string): number => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')));
  const read = $derived.by((): { values: Values; wrong: Record<string, string> } => {
    const n: Record<string, number> = {};
    const lines: Record<string, number[][]> = {};
    const wrong: Record<string, string> = {};
    for (const field of tool.fields) {
      const text = values[field.id] ?? '';
      if (field.kind === 'number') {
        n[field.id] = parse(text);
        if (text.trim() === '' ? !field.optional : Number.isNaN(n[field.id]))
          wrong[field.id] = text.trim() === '' ? '' : `“${text}” is not a number.`;
      } else {
        const rows = text.split('\n').filter((line) => line.trim() !== '');
        lines[field.id] = rows.map((line) =>
          line
            .trim()
            .split(/[\s;]+/)
            .map(parse),
        );
        const bad = (lines[field.id] ?? []).findIndex((row) => row.some(Number.isNaN));
        if (bad >= 0)
          wrong[field.id] = `Line ${String(bad + 1)}: “${rows[bad] ?? ''}” is not numbers with a space between.`;
        else if (rows.length === 0) wrong[field.id] = '';
      }
    }
    return { values: { n, lines }, wrong };
  });
  const waits = $derived(Object.keys(read.wrong).length > 0);
  const answer = $derived(waits ? null : tool.answer(read.values));
</script>

<div class="calculator">
  <div class="fields">
    {#each tool.fields as field (field.id)}
      <label
        ><span class="label">{field.label}{field.optional ? ' (may stay empty)' : ''}</span>
        {#if field.kind === 'number'}
          <input
            inputmode="decimal"
            autocomplete="off"
            value={values[field.id] ?? ''}
            oninput={(event) => set(field.id, event.currentTarget.value)}
            aria-invalid={!!read.wrong[field.id]}
          />
        {:else}
          <textarea
            rows="7"
            value={values[field.id] ?? ''}
            oninput={(event) => set(field.id, event.currentTarget.value)}
            aria-invalid={!!read.wrong[field.id]}></textarea>
        {/if}
        {#if read.wrong[field.id]}<span class="warn-text" role="alert">{read.wrong[field.id]}</span>{/if}
      </label>
    {/each}
  </div>
  <div class="answers" aria-live="polite">
    {#if answer?.ok}
      <dl>
        {#each answer.value as line (line.name)}
          <dt>{line.name}</dt>
          <dd>
            <b>{line.value}</b>
            {#if line.note}<span class="note">{line.note}</span>{/if}
            {#if line.write && onwrite}
              {@const write = line.write}
              <QuietButton onclick={() => onwrite(write.test, write.value)}>Write it down</QuietButton>
            {/if}
          </dd>
        {/each}
      </dl>
    {:else if answer}
      <p class="warn-text" role="alert">{answer.issues.map(sayIssue).join(' ')}</p>
    {:else}<p class="note">The answer stands here as soon as the fields are filled.</p>{/if}
  </div>
</div>

<style>
  .calculator {
    display: grid;
    grid-template-columns: minmax(0, 300px) minmax(0, 1fr);
    gap: 32px;
    align-items: start;
  }
  .fields {
    display: grid;
    gap: 12px;
  }
  label {
    display: grid;
    gap: 2px;
  }
  input,
  textarea {
    border: 0;
    border-bottom: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    font: inherit;
    font-size: 15px;
    padding: 0 10px;
    height: 36px;
  }
  textarea {
    height: auto;
    padding: 8px 10px;
    resize: vertical;
  }
  [aria-invalid='true'] {
    outline: 2px dashed var(--almagre-t);
    outline-offset: -2px;
  }
  dl {
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
  }
  dt,
  dd {
    border-bottom: var(--rule);
    min-height: 32px;
    display: flex;
    align-items: center;
    gap: 12px;
  }
  dt {
    padding-right: 24px;
    color: var(--ink-2);
  }
  dd b {
    font-size: 16px;
    min-width: 96px;
  }
  @media (max-width: 700px) {
    .calculator {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (pointer: coarse) {
    input {
      height: 44px;
    }
  }
</style>
