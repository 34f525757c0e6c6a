<!-- A value between two ends, slid to: by pointer, touch and arrow keys. -->
<script lang="ts">
  import { Slider } from '@skeletonlabs/skeleton-svelte';

  type Props = {
    label: string;
    value: number;
    min: number;
    max: number;
    step: number;
    /** What a screen reader says of a value, where the number alone says little. */
    inWords?: (value: number) => string;
    /** While it slides. */
    onslide?: (value: number) => void;
    /** When it's let go. */
    onchange?: (value: number) => void;
  };
  const { label, value, min, max, step, inWords, onslide, onchange }: Props = $props();
</script>

<Slider
  class="min-w-0 flex-1"
  value={[value]}
  {min}
  {max}
  {step}
  getAriaValueText={inWords && ((now) => inWords(now.value))}
  onValueChange={(now) => onslide?.(now.value[0]!)}
  onValueChangeEnd={(now) => onchange?.(now.value[0]!)}
>
  <Slider.Label class="sr-only">{label}</Slider.Label>
  <Slider.Control class="flex h-11 cursor-pointer items-center">
    <Slider.Track class="h-1.5 w-full rounded-full bg-line">
      <Slider.Range class="h-full rounded-full bg-water" />
    </Slider.Track>
    <Slider.Thumb
      index={0}
      class="size-6 rounded-full border-2 border-ink bg-lamp focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-water"
    >
      <Slider.HiddenInput />
    </Slider.Thumb>
  </Slider.Control>
</Slider>
