<!-- The youngest and the oldest age, as two words in a sentence; neither passes the other. -->
<script lang="ts">
  import { AGE_SPAN, type Ages } from '$core';
  import InlineChoice from './InlineChoice.svelte';

  const { ages, onchange }: { ages: Ages; onchange: (ages: Ages) => void } = $props();

  const AGES = Array.from({ length: AGE_SPAN.to - AGE_SPAN.from + 1 }, (_, n) => {
    const age = AGE_SPAN.from + n;
    return [age, String(age)] as const;
  });
</script>

<InlineChoice
  value={ages.from}
  label="Youngest age"
  choices={AGES}
  onchange={(from) => onchange({ from, to: Math.max(from, ages.to) })}
/>
to
<InlineChoice
  value={ages.to}
  label="Oldest age"
  choices={AGES}
  onchange={(to) => onchange({ from: Math.min(to, ages.from), to })}
/>
