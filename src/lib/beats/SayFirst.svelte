<!-- What is said before a beat begins; out of sight while there is nothing and nobody is at it. -->
<script lang="ts">
  import LineArea from '$lib/ui/LineArea.svelte';

  type Props = {
    say: string;
    label: string;
    /** In sight also while it is empty. */
    open: boolean;
    onchange: (say: string) => void;
    onleave: () => void;
  };
  const { say, label, open, onchange, onleave }: Props = $props();
</script>

{#if say || open}
  <LineArea
    value={say}
    {label}
    placeholder="What you say before it begins"
    class="text-lg"
    {onchange}
    {onleave}
  />
{/if}
