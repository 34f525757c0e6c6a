import {
  entryOf,
  figureOfMove,
  LINE_PAINTS,
  lookFor,
  moodOf,
  paintsOf,
  pictureAsSvg,
  pictureOfFigure,
  pictureTogether,
  type LookChoice,
  type Move,
  type Picture,
  type PictureOf,
  type Stroke,
} from '$core';
import Armchair from 'lucide/dist/esm/icons/armchair.mjs';
import Bell from 'lucide/dist/esm/icons/bell.mjs';
import Bird from 'lucide/dist/esm/icons/bird.mjs';
import Bridge from 'lucide/dist/esm/icons/bridge.mjs';
import Bug from 'lucide/dist/esm/icons/bug.mjs';
import Cable from 'lucide/dist/esm/icons/cable.mjs';
import Castle from 'lucide/dist/esm/icons/castle.mjs';
import Cat from 'lucide/dist/esm/icons/cat.mjs';
import CircleHelp from 'lucide/dist/esm/icons/circle-question-mark.mjs';
import CloudFog from 'lucide/dist/esm/icons/cloud-fog.mjs';
import CloudRain from 'lucide/dist/esm/icons/cloud-rain.mjs';
import Cylinder from 'lucide/dist/esm/icons/cylinder.mjs';
import Droplet from 'lucide/dist/esm/icons/droplet.mjs';
import CupSoda from 'lucide/dist/esm/icons/cup-soda.mjs';
import Drum from 'lucide/dist/esm/icons/drum.mjs';
import Egg from 'lucide/dist/esm/icons/egg.mjs';
import Fan from 'lucide/dist/esm/icons/fan.mjs';
import Feather from 'lucide/dist/esm/icons/feather.mjs';
import Fence from 'lucide/dist/esm/icons/fence.mjs';
import Fish from 'lucide/dist/esm/icons/fish.mjs';
import Flame from 'lucide/dist/esm/icons/flame.mjs';
import Flower from 'lucide/dist/esm/icons/flower.mjs';
import Footprints from 'lucide/dist/esm/icons/footprints.mjs';
import Hand from 'lucide/dist/esm/icons/hand.mjs';
import House from 'lucide/dist/esm/icons/house.mjs';
import Lamp from 'lucide/dist/esm/icons/lamp.mjs';
import Leaf from 'lucide/dist/esm/icons/leaf.mjs';
import LoaderPinwheel from 'lucide/dist/esm/icons/loader-pinwheel.mjs';
import Mail from 'lucide/dist/esm/icons/mail.mjs';
import MessageCircle from 'lucide/dist/esm/icons/message-circle.mjs';
import Moon from 'lucide/dist/esm/icons/moon.mjs';
import Origami from 'lucide/dist/esm/icons/origami.mjs';
import PawPrint from 'lucide/dist/esm/icons/paw-print.mjs';
import Rabbit from 'lucide/dist/esm/icons/rabbit.mjs';
import RefreshCw from 'lucide/dist/esm/icons/refresh-cw.mjs';
import Rocket from 'lucide/dist/esm/icons/rocket.mjs';
import Sailboat from 'lucide/dist/esm/icons/sailboat.mjs';
import Ship from 'lucide/dist/esm/icons/ship.mjs';
import Snail from 'lucide/dist/esm/icons/snail.mjs';
import Soup from 'lucide/dist/esm/icons/soup.mjs';
import Sparkles from 'lucide/dist/esm/icons/sparkles.mjs';
import Sprout from 'lucide/dist/esm/icons/sprout.mjs';
import Star from 'lucide/dist/esm/icons/star.mjs';
import Sun from 'lucide/dist/esm/icons/sun.mjs';
import Trees from 'lucide/dist/esm/icons/trees.mjs';
import Turtle from 'lucide/dist/esm/icons/turtle.mjs';
import OctagonPause from 'lucide/dist/esm/icons/octagon-pause.mjs';
import Toilet from 'lucide/dist/esm/icons/toilet.mjs';
import Waves from 'lucide/dist/esm/icons/waves-horizontal.mjs';
import Wheat from 'lucide/dist/esm/icons/wheat.mjs';
import Wind from 'lucide/dist/esm/icons/wind.mjs';
import { onScreen, type Mode } from './screen-paints';

/** What a picture word of a story looks like. */
const BY_WORD: Readonly<Record<string, readonly Stroke[]>> = {
  barrel: Cylinder,
  beetle: Bug,
  bell: Bell,
  bittern: Bird,
  boat: Ship,
  boots: Footprints,
  bridge: Bridge,
  candle: Flame,
  cup: CupSoda,
  cat: Cat,
  ditch: Waves,
  drop: Droplet,
  drum: Drum,
  duckling: Bird,
  ferry: Ship,
  fish: Fish,
  'flat boat': Ship,
  flower: Flower,
  fog: CloudFog,
  grass: Sprout,
  hare: Rabbit,
  hedgehog: PawPrint,
  help: Hand,
  heron: Bird,
  house: House,
  jetty: Fence,
  kite: Origami,
  lamp: Lamp,
  leaf: Leaf,
  letter: Mail,
  mast: Sailboat,
  moon: Moon,
  moth: Feather,
  'oil can': Lamp,
  pebble: Egg,
  plank: Fence,
  'post bag': Mail,
  'punt pole': Sailboat,
  rain: CloudRain,
  reed: Wheat,
  rest: Armchair,
  rocket: Rocket,
  rope: Cable,
  snail: Snail,
  soup: Soup,
  spark: Sparkles,
  star: Star,
  stilts: Footprints,
  stop: OctagonPause,
  sun: Sun,
  talk: MessageCircle,
  toilet: Toilet,
  tower: Castle,
  tree: Trees,
  turtle: Turtle,
  waterwheel: LoaderPinwheel,
  waves: Waves,
  wind: Wind,
  windmill: Fan,
};

const icon = (strokes: readonly Stroke[]): Picture => ({ width: 24, height: 24, strokes });

export const SIGNS = {
  say: icon(MessageCircle),
  ask: icon(CircleHelp),
  drink: icon(Droplet),
  change: icon(RefreshCw),
  rest: icon(Armchair),
  goodbye: icon(Hand),
} satisfies Record<string, Picture>;

/** The words that there is an icon for. */
export const ICON_WORDS: readonly string[] = Object.keys(BY_WORD).sort();

/** The icon of a picture word; null where there is none. */
export function storyPicture(word: string): Picture | null {
  const strokes = entryOf(BY_WORD, word.toLowerCase());
  return strokes ? icon(strokes) : null;
}

const UNKNOWN = icon(Star);
const iconOf = ({ figure }: Pick<Move, 'figure'>): Picture =>
  (figure?.kind === 'icon' && storyPicture(figure.word)) || UNKNOWN;

/** `make` once for each key; the same answer from then on. */
function remembered(): (key: string, make: () => Picture) => Picture {
  const kept = new Map<string, Picture>();
  return (key, make) => {
    const picture = kept.get(key) ?? make();
    kept.set(key, picture);
    return picture;
  };
}

/**
 * Pictures of moves for print, all children alike or each move with its own. Each is drawn once: the
 * cards of a suit have one between them.
 */
export function printedPictures(choice: LookChoice): PictureOf {
  const remember = remembered();
  return (move, { poses, ink, aspect, also = [] }) => {
    const figure = figureOfMove(move);
    if (!figure) return iconOf(move);
    const others = also.flatMap((other) => figureOfMove(other) ?? []);
    const ids = [move, ...also].map(({ id }) => id).join('+');
    return remember([ids, poses, ink, aspect].join(' '), () => {
      const look = lookFor(choice, move.id);
      const paints = ink === 'colour' ? paintsOf(look) : LINE_PAINTS;
      const drawing = { build: look.build, aspect, mood: moodOf(move) };
      if (others.length > 0) return pictureTogether([figure, ...others], paints, drawing);
      return pictureOfFigure(figure, poses, paints, drawing);
    });
  };
}

/** Smaller than this, a face is specks. Pixels. */
const SMALL_PX = 44;

const onThePage = remembered();

/** How a picture is wanted on the page; `aspect` is that of its box, where it has one. */
export type ScreenAsk = Readonly<{
  poses: number;
  sizePx: number;
  aspect?: number;
  look: LookChoice;
  mode: Mode;
}>;

/** A move on the page, in its most telling poses. */
export function screenPicture(
  move: Move,
  { poses, sizePx, aspect, look, mode }: ScreenAsk,
): Picture {
  const figure = figureOfMove(move);
  if (!figure) return inColour(iconOf(move), mode);
  const small = sizePx < SMALL_PX;
  const draw = () => {
    const { build, paints } = onScreen(look, move.id, mode);
    return pictureOfFigure(figure, poses, paints, { build, small, aspect, mood: moodOf(move) });
  };
  // A figure of one's own changes under the same id.
  if (move.figure !== null) return draw();
  return onThePage([move.id, poses, small, aspect, look, mode].join(' '), draw);
}

const ICON_INK: Readonly<Record<Mode, string>> = { light: '#1f5a78', dark: '#8fc3d9' };
const inColour = (picture: Picture, mode: Mode): Picture => ({
  ...picture,
  strokes: picture.strokes.map(([element, own]) => [element, { ...own, stroke: ICON_INK[mode] }]),
});

/** A picture as the address of an image. */
export const pictureUrl = (picture: Picture): string =>
  `data:image/svg+xml,${encodeURIComponent(pictureAsSvg(picture))}`;
