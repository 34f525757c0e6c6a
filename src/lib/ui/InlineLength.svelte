<!-- A length in a sentence, in the presenter's own unit; it is kept in metres. -->
<script lang="ts">
  import { fromUnit, inUnit } from '$core';
  import { preferences } from '$lib/store/preference-store.svelte';
  import InlineNumber from './InlineNumber.svelte';

  type Props = {
    metres: number;
    label: string;
    min?: number;
    max: number;
    /** Without the unit's sign after it: another length follows. */
    bare?: boolean;
    onchange: (metres: number) => void;
  };
  const { metres, label, min = 0, max, bare = false, onchange }: Props = $props();

  const unit = $derived(preferences.current.unit);
</script>

<InlineNumber
  value={inUnit(metres, unit)}
  label="{label} in {unit}"
  min={inUnit(min, unit)}
  max={inUnit(max, unit)}
  step={unit === 'feet' ? 0.5 : 0.1}
  onchange={(length) => onchange(fromUnit(length, unit))}
/>{bare ? '' : unit === 'feet' ? ' ft' : ' m'}
