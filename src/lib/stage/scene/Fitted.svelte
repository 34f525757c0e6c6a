<!-- Words as large as their room has place for, no word broken. -->
<script lang="ts">
  import { fitText } from '$lib/ui/fit-text';

  type Props = { words: string; /** The largest type, in pixels. */ most: number };
  const { words, most }: Props = $props();
</script>

<div class="room"><p class="main" {@attach fitText(24, most)}>{words}</p></div>

<style>
  .room {
    display: grid;
    align-items: center;
    min-width: 0;
    min-height: 0;
    height: 100%;
    overflow: hidden;
  }
</style>
