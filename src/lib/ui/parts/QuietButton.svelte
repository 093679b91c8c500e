<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  type Props = Pick<
    HTMLButtonAttributes,
    'name' | 'value' | 'formaction' | 'aria-label' | 'aria-expanded' | 'aria-pressed' | 'aria-controls'
  > & { type?: 'submit' | 'button'; disabled?: boolean; onclick?: () => void; class?: string; children: Snippet };

  // as a button is in a form: it sends, unless it says otherwise
  let { type = 'submit', onclick, class: own = '', children, ...rest }: Props = $props();
</script>

<!-- An action that stands in a line of text and weighs no more than a link. -->
<Button kind="ghost" size="small" {type} class="quiet {own}" {...rest} on:click={() => onclick?.()}
  >{@render children()}</Button
>
