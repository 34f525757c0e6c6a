<!-- A line of script: grows with its words, no box around it. -->
<script lang="ts">
  import { MAX_LINE } from '$core';

  type Props = {
    value: string;
    label: string;
    placeholder?: string;
    /** Longest, in characters. */
    most?: number;
    class?: string;
    onchange: (value: string) => void;
    onleave?: () => void;
  };
  const {
    value,
    label,
    placeholder = '',
    most = MAX_LINE,
    class: look = '',
    onchange,
    onleave,
  }: Props = $props();

  /** Browsers without `field-sizing` are told the height by hand. */
  function grow(area: HTMLTextAreaElement) {
    if (CSS.supports('field-sizing', 'content')) return;
    area.style.height = 'auto';
    area.style.height = `${area.scrollHeight}px`;
  }
</script>

<textarea
  {@attach (area) => {
    void value;
    grow(area);
  }}
  class={[
    'block field-sizing-content w-full resize-none rounded border-0 bg-transparent px-1 py-0.5 hover:bg-sunk focus:bg-raised focus:ring-0',
    look,
  ]}
  rows="1"
  maxlength={most}
  aria-label={label}
  {placeholder}
  {value}
  oninput={(event) => onchange(event.currentTarget.value)}
  onblur={onleave}></textarea>
