import type { Move, Picture } from '$core';
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
import Drum from 'lucide/dist/esm/icons/drum.mjs';
import Egg from 'lucide/dist/esm/icons/egg.mjs';
import Fan from 'lucide/dist/esm/icons/fan.mjs';
import Feather from 'lucide/dist/esm/icons/feather.mjs';
import Fence from 'lucide/dist/esm/icons/fence.mjs';
import Fish from 'lucide/dist/esm/icons/fish.mjs';
import Flame from 'lucide/dist/esm/icons/flame.mjs';
import Flower from 'lucide/dist/esm/icons/flower.mjs';
import Footprints from 'lucide/dist/esm/icons/footprints.mjs';
import House from 'lucide/dist/esm/icons/house.mjs';
import Lamp from 'lucide/dist/esm/icons/lamp.mjs';
import Leaf from 'lucide/dist/esm/icons/leaf.mjs';
import LoaderPinwheel from 'lucide/dist/esm/icons/loader-pinwheel.mjs';
import Mail from 'lucide/dist/esm/icons/mail.mjs';
import MessageCircle from 'lucide/dist/esm/icons/message-circle.mjs';
import Moon from 'lucide/dist/esm/icons/moon.mjs';
import MoveUp from 'lucide/dist/esm/icons/move-up.mjs';
import Origami from 'lucide/dist/esm/icons/origami.mjs';
import PawPrint from 'lucide/dist/esm/icons/paw-print.mjs';
import PersonStanding from 'lucide/dist/esm/icons/person-standing.mjs';
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
import StretchHorizontal from 'lucide/dist/esm/icons/stretch-horizontal.mjs';
import Sun from 'lucide/dist/esm/icons/sun.mjs';
import Trees from 'lucide/dist/esm/icons/trees.mjs';
import Turtle from 'lucide/dist/esm/icons/turtle.mjs';
import Volleyball from 'lucide/dist/esm/icons/volleyball.mjs';
import Waves from 'lucide/dist/esm/icons/waves-horizontal.mjs';
import Wheat from 'lucide/dist/esm/icons/wheat.mjs';
import Wind from 'lucide/dist/esm/icons/wind.mjs';

/** What a picture word of a guise looks like. Until moves have drawn figures, the nearest icon. */
const BY_WORD: Readonly<Record<string, Picture>> = {
  barrel: Cylinder,
  beetle: Bug,
  bell: Bell,
  bittern: Bird,
  boat: Ship,
  boots: Footprints,
  bridge: Bridge,
  candle: Flame,
  cat: Cat,
  ditch: Waves,
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
  rocket: Rocket,
  rope: Cable,
  snail: Snail,
  soup: Soup,
  spark: Sparkles,
  star: Star,
  stilts: Footprints,
  sun: Sun,
  tower: Castle,
  tree: Trees,
  turtle: Turtle,
  waterwheel: LoaderPinwheel,
  waves: Waves,
  wind: Wind,
  windmill: Fan,
};

const BY_FAMILY: Readonly<Record<Move['family'], Picture>> = {
  travelling: Footprints,
  balancing: PersonStanding,
  handling: Volleyball,
  floor: StretchHorizontal,
  stretch: MoveUp,
  shape: Star,
  rhythm: Drum,
  breath: Wind,
};

export const SIGNS = {
  say: MessageCircle,
  ask: CircleHelp,
  drink: Droplet,
  change: RefreshCw,
} satisfies Record<string, Picture>;

/** The picture for a move in a guise: its picture word's, else one of the move's own, else its family's. */
export function pictureFor(picture: string, move: Pick<Move, 'family' | 'pictureWords'>): Picture {
  const word = [picture.toLowerCase(), ...move.pictureWords].find((one) => one in BY_WORD);
  return word ? BY_WORD[word]! : BY_FAMILY[move.family];
}
