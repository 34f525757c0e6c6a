import CircleHelp from '@lucide/svelte/icons/circle-question-mark';
import Dices from '@lucide/svelte/icons/dices';
import GlassWater from '@lucide/svelte/icons/glass-water';
import Link from '@lucide/svelte/icons/link';
import LoaderPinwheel from '@lucide/svelte/icons/loader-pinwheel';
import Megaphone from '@lucide/svelte/icons/megaphone';
import Music from '@lucide/svelte/icons/music';
import Repeat from '@lucide/svelte/icons/repeat';
import Spade from '@lucide/svelte/icons/spade';
import Type from '@lucide/svelte/icons/type';

/**
 * What a line can be beside a move: whole lines go in at once, the others are begun, to be gone on with.
 */
export const STARTERS = [
  { word: 'dice', line: 'dice', isWhole: true, Icon: Dices },
  { word: 'cards', line: 'cards', isWhole: true, Icon: Spade },
  { word: 'wheel', line: 'spinner', isWhole: true, Icon: LoaderPinwheel },
  { word: 'letters', line: 'letters ', isWhole: false, Icon: Type },
  { word: 'calls', line: 'calls', isWhole: true, Icon: Megaphone },
  { word: 'circuit', line: 'circuit 2 rounds 30 s rest 15: ', isWhole: false, Icon: Repeat },
  { word: 'rhyme', line: 'rhyme: ', isWhole: false, Icon: Music },
  { word: 'chain', line: 'chain: ', isWhole: false, Icon: Link },
  { word: 'drink', line: 'drink', isWhole: true, Icon: GlassWater },
  { word: 'question', line: 'What do you see?', isWhole: false, Icon: CircleHelp },
] as const;
