<!-- A word in a sentence that can be another word. -->
<script lang="ts" generics="Value extends string | number | boolean | null">
  type Props = {
    value: Value;
    label: string;
    choices: readonly (readonly [Value, string])[];
    onchange: (value: Value) => void;
  };
  const { value, label, choices, onchange }: Props = $props();
</script>

<select
  class="inline-word bg-none! pr-0! text-center"
  aria-label={label}
  value={String(value)}
  onchange={(event) => {
    const chosen = choices.find(([one]) => String(one) === event.currentTarget.value);
    if (chosen) onchange(chosen[0]);
  }}
>
  {#each choices as [one, word] (one)}
    <option value={String(one)}>{word}</option>
  {/each}
</select>
