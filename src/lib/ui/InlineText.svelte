<!-- Words in a sentence that can be other words. -->
<script lang="ts">
  type Props = {
    value: string;
    label: string;
    placeholder?: string;
    maxlength?: number;
    class?: string;
    onchange: (value: string) => void;
    onleave?: () => void;
  };
  const {
    value,
    label,
    placeholder = '',
    maxlength = 60,
    class: look = '',
    onchange,
    onleave,
  }: Props = $props();
</script>

<input
  class={['inline-word max-w-full min-w-16', look]}
  aria-label={label}
  {placeholder}
  {maxlength}
  {value}
  oninput={(event) => onchange(event.currentTarget.value)}
  onblur={() => onleave?.()}
/>
