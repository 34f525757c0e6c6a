<!-- A line of script: grows with its words, no box around it. -->
<script lang="ts">
  import { MAX_LINE } from '$core';

  type Props = {
    value: string;
    label: string;
    placeholder?: string;
    /** A name: as wide as its words, without line breaks; long ones wrap. */
    isName?: boolean;
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
    isName = false,
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
    'field-sizing-content resize-none rounded border-0 bg-transparent px-1 hover:bg-sunk focus:bg-raised focus:ring-0',
    isName ? 'max-w-full py-0 align-top wrap-anywhere' : 'block w-full py-0.5',
    look,
  ]}
  rows="1"
  maxlength={most}
  aria-label={label}
  {placeholder}
  {value}
  onkeydown={(event) => {
    if (isName && event.key === 'Enter' && !event.ctrlKey) event.preventDefault();
  }}
  oninput={(event) => {
    const { value: typed } = event.currentTarget;
    onchange(isName ? typed.replace(/\s*\n\s*/gu, ' ') : typed);
  }}
  onblur={onleave}></textarea>
