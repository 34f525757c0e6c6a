<!-- A list in a sentence, between commas: read when it is left, so that a comma can be typed. -->
<script lang="ts">
  type Props = {
    text: string;
    label: string;
    placeholder: string;
    onchange: (text: string) => void;
  };
  const { text, label, placeholder, onchange }: Props = $props();

  let typed = $state<string | null>(null);
</script>

<textarea
  class="inline-word field-sizing-content w-full resize-none overflow-hidden font-normal!"
  rows="1"
  maxlength="2000"
  aria-label={label}
  {placeholder}
  value={typed ?? text}
  oninput={(event) => {
    typed = event.currentTarget.value;
    onchange(typed);
  }}
  onblur={() => (typed = null)}></textarea>
