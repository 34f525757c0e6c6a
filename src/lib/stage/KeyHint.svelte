<!-- The key beside the words of a button on the Stage; not where there is no room, nor a keyboard. -->
<script lang="ts">
  const { key }: { key: string | number } = $props();
</script>

<kbd>{key}</kbd>

<style>
  kbd {
    padding: 0 0.5rem;
    border: 1px solid var(--soft);
    border-radius: 0.4rem;
    font: inherit;
    font-size: 1.5rem;
    font-weight: 500;
    color: var(--soft);
    text-transform: uppercase;
  }
  @media (max-width: 640px), (pointer: coarse) {
    kbd {
      display: none;
    }
  }
</style>
