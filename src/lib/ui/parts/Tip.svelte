<!-- A few words beside what is pointed at. -->
<script lang="ts">
  import { Tooltip } from '@skeletonlabs/skeleton-svelte';

  type Props = { anchor: HTMLElement; text: string; onclose: () => void };
  const { anchor, text, onclose }: Props = $props();

  // What it stands beside may go while it's shown: a line that is deleted, a page that is left.
  $effect(() => {
    const watching = new MutationObserver(() => {
      if (!anchor.isConnected) onclose();
    });
    watching.observe(document.body, { childList: true, subtree: true });
    return () => watching.disconnect();
  });
</script>

<Tooltip
  open
  positioning={{ placement: 'top', getAnchorElement: () => anchor }}
  onOpenChange={({ open }) => {
    if (!open) onclose();
  }}
>
  <!-- What lies under it can be pressed. -->
  <Tooltip.Positioner class="pointer-events-none! z-50!">
    <Tooltip.Content
      class="pointer-events-none max-w-72 rounded-lg bg-ink px-3 py-1 text-base text-page shadow-lg print:hidden"
      >{text}</Tooltip.Content
    >
  </Tooltip.Positioner>
</Tooltip>
