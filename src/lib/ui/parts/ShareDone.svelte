<!-- How much of a longer work is done. -->
<script lang="ts">
  import { Progress } from '@skeletonlabs/skeleton-svelte';

  type Props = {
    label: string;
    /** Between 0 and 1. */
    share: number;
  };
  const { label, share }: Props = $props();
</script>

<Progress value={Math.round(share * 100)} class="mx-2 inline-block w-32 align-middle">
  <Progress.Track aria-label={label} class="h-2 w-full overflow-hidden rounded-full bg-line">
    <Progress.Range class="h-full bg-lamp" />
  </Progress.Track>
</Progress>
