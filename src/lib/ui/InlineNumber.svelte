<!-- A number in a sentence: type it, or change it with the arrow keys. -->
<script lang="ts">
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    value: number;
    label: string;
    min?: number;
    max?: number;
    step?: number;
    onchange: (value: number) => void;
  };
  const { value, label, min = 1, max = 600, step = 1, onchange }: Props = $props();

  let typed = $state<string | null>(null);
  const shown = $derived(typed ?? String(value));
  const read = (text: string) => {
    const number = Number(text.replace(',', '.'));
    return text.trim() !== '' && number >= min && number <= max ? number : null;
  };
  const wrong = $derived(typed !== null && read(typed) === null);

  function input(text: string) {
    typed = text;
    const number = read(text);
    if (number !== null && number !== value) onchange(number);
  }
  function nudge(event: KeyboardEvent) {
    const by = { ArrowUp: step, ArrowDown: -step }[event.key];
    if (by === undefined || event.altKey || event.ctrlKey) return;
    event.preventDefault();
    typed = null;
    onchange(Math.min(max, Math.max(min, value + by)));
  }
</script>

<input
  class={['inline-word text-center tabular', wrong && 'border-pencil! text-pencil']}
  type="text"
  inputmode="decimal"
  role="spinbutton"
  aria-label={label}
  aria-valuenow={value}
  aria-valuemin={min}
  aria-valuemax={max}
  aria-invalid={wrong}
  {@attach tip(wrong ? `From ${min} to ${max}` : undefined)}
  value={shown}
  oninput={(event) => input(event.currentTarget.value)}
  onfocus={(event) => event.currentTarget.select()}
  onkeydown={nudge}
  onblur={() => (typed = null)}
/>
