<!-- On or off, done at once: a lamp that is lit or isn't. -->
<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  type Props = { checked: boolean; onchange: (on: boolean) => void; children: Snippet };
  const { checked, onchange, children }: Props = $props();
</script>

<Switch
  {checked}
  onCheckedChange={(now) => onchange(now.checked)}
  class="mt-3 flex w-fit cursor-pointer items-center gap-3"
>
  <Switch.Control
    class="flex h-6 w-11 shrink-0 cursor-pointer items-center rounded-full border-2 border-soft bg-sunk p-0.5 transition-colors data-focus-visible:outline-3 data-focus-visible:outline-offset-2 data-focus-visible:outline-water data-[state=checked]:border-lamp data-[state=checked]:bg-on-lamp"
  >
    <Switch.Thumb
      class="block size-4 rounded-full bg-soft transition-[translate] data-[state=checked]:bg-lamp data-[state=checked]:shadow-[0_0_6px_1px_var(--lamp)]"
    />
  </Switch.Control>
  <Switch.Label class="min-w-0">{@render children()}</Switch.Label>
  <Switch.HiddenInput role="switch" />
</Switch>
