<script lang="ts">
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import LineArea from '$lib/ui/LineArea.svelte';
  import type { EditorProps } from '../editor-props';

  const { beat, change, leave }: EditorProps<'drink'> = $props();
</script>

<p class="pl-1 text-lg">
  <span class="font-heading font-bold">Drink</span> for
  <InlineNumber
    value={beat.seconds}
    label="Seconds for the drink"
    min={5}
    step={5}
    onchange={(seconds) => change({ ...beat, seconds }, 'seconds')}
  /> s
</p>
<LineArea
  value={beat.text}
  label="What you say while they drink"
  placeholder="What you say while they drink"
  class="italic"
  onchange={(text) => change({ ...beat, text }, 'text')}
  onleave={leave}
/>
