<script lang="ts">
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { EditorProps } from '../editor-props';
  import Meanwhile from '../Meanwhile.svelte';

  const { beat, active, change, leave }: EditorProps<'drink'> = $props();
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
{#if active || beat.text}
  <Meanwhile
    text={beat.text}
    label="What you say while they drink"
    placeholder="What you say while they drink"
    open={active}
    onchange={(text) => change({ ...beat, text }, 'text')}
    onleave={leave}
  />
{/if}
