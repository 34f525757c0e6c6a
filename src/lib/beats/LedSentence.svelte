<!-- How a beat is led, as its chapter is or in a way of its own, and what points are given for. -->
<script lang="ts" generics="B extends LedBeat">
  import type { Led, LedAsSaid, Points } from '$core';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import PointsSentence from './PointsSentence.svelte';
  import type { LedBeat } from './editor-props';
  import { without } from './without';
  import { BY_ITSELF, COUNT_IN_CHOICES, LED_CHOICES, SHOWING_CHOICES } from './led-words';

  type Props = {
    beat: B;
    /** How the chapter is led. */
    led: Led;
    active: boolean;
    /** What chance brings up is only told, unless the beat itself says that it is shown. */
    isDrawn?: boolean;
    /** It has rests in which the next can be shown, and no sets that the leader does first. */
    isCircuit?: boolean;
    /** It is as it usually is: nothing needs saying while nobody works on it. */
    isUsual?: boolean;
    change: (beat: B, key?: string) => void;
  };
  const {
    beat,
    led,
    active,
    isDrawn = false,
    isCircuit = false,
    isUsual = false,
    change,
  }: Props = $props();

  const really = $derived(beat.led ?? led);
  const shownByItself = $derived(
    isDrawn && really === 'show, then do' ? 'told as it comes' : BY_ITSELF[really].show,
  );
  const showings = $derived(
    SHOWING_CHOICES.filter(
      ([one]) => one === show || one !== (isCircuit ? 'in full' : 'in the rest'),
    ),
  );
  const { led: ownLed, show, countIn } = $derived<LedAsSaid>(beat);
  const set = (how: Partial<LedAsSaid>) => change({ ...beat, ...how });
  const inSight = (name: keyof LedAsSaid) => active || beat[name] !== null;
  const setPoints = (points: Points | undefined, key?: string) =>
    change(points ? { ...beat, points } : (without(beat, 'points') as B), key && `points.${key}`);
</script>

{#if active || (!isUsual && (ownLed !== null || show !== null || countIn !== null))}
  <span data-led={really}
    >{#if inSight('led')}Led
      <InlineChoice
        value={ownLed}
        label="How this is led"
        choices={[[null, `as the chapter is: ${led}`], ...LED_CHOICES]}
        onchange={(next) => set({ led: next })}
      />{/if}{#if inSight('show')}{inSight('led') ? ', ' : ''}<InlineChoice
        value={show}
        label="When the moves are shown"
        choices={[[null, shownByItself], ...showings]}
        onchange={(next) => set({ show: next })}
      />{/if}{#if inSight('countIn')}{inSight('led') || inSight('show') ? ', ' : ''}<InlineChoice
        value={countIn}
        label="Whether it is counted in"
        choices={[[null, BY_ITSELF[really].countIn], ...COUNT_IN_CHOICES]}
        onchange={(next) => set({ countIn: next })}
      />{/if}.</span
  >
{/if}
<PointsSentence points={beat.points} {active} onchange={setPoints} />
