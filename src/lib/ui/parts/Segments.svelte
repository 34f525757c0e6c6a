<!-- One of a few, all of them in sight. -->
<script lang="ts" generics="T extends string">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  type Props = {
    label: string;
    value: T;
    choices: readonly (readonly [T, string])[];
    onchange: (chosen: T) => void;
    /** What stands above a choice's words. */
    picture?: Snippet<[T]>;
  };
  const { label, value, choices, onchange, picture }: Props = $props();
</script>

<SegmentedControl
  {value}
  onValueChange={(now) => onchange(now.value as T)}
  class="mt-3 w-fit max-w-full"
>
  <SegmentedControl.Label class="sr-only">{label}</SegmentedControl.Label>
  <SegmentedControl.Control class="flex flex-wrap gap-2">
    {#each choices as [choice, words] (choice)}
      <SegmentedControl.Item
        value={choice}
        class={[
          'flex cursor-pointer flex-col items-center rounded-xl border-2 border-line px-3 py-1 hover:bg-sunk',
          'data-focus-visible:outline-3 data-focus-visible:outline-offset-2 data-focus-visible:outline-water',
          'data-[state=checked]:border-ink data-[state=checked]:bg-sunk data-[state=checked]:font-semibold',
          picture && 'min-w-28',
        ]}
      >
        {@render picture?.(choice)}
        <SegmentedControl.ItemText>{words}</SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>
