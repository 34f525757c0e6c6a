import type { Move } from '$core';
import type { Component } from 'svelte';
import Bell from '@lucide/svelte/icons/bell';
import Bird from '@lucide/svelte/icons/bird';
import Bridge from '@lucide/svelte/icons/bridge';
import Bug from '@lucide/svelte/icons/bug';
import Cable from '@lucide/svelte/icons/cable';
import Castle from '@lucide/svelte/icons/castle';
import Cat from '@lucide/svelte/icons/cat';
import CircleHelp from '@lucide/svelte/icons/circle-help';
import CloudFog from '@lucide/svelte/icons/cloud-fog';
import CloudRain from '@lucide/svelte/icons/cloud-rain';
import Cylinder from '@lucide/svelte/icons/cylinder';
import Droplet from '@lucide/svelte/icons/droplet';
import Drum from '@lucide/svelte/icons/drum';
import Egg from '@lucide/svelte/icons/egg';
import Fan from '@lucide/svelte/icons/fan';
import Feather from '@lucide/svelte/icons/feather';
import Fence from '@lucide/svelte/icons/fence';
import Fish from '@lucide/svelte/icons/fish';
import Flame from '@lucide/svelte/icons/flame';
import Flower from '@lucide/svelte/icons/flower';
import Footprints from '@lucide/svelte/icons/footprints';
import House from '@lucide/svelte/icons/house';
import Lamp from '@lucide/svelte/icons/lamp';
import Leaf from '@lucide/svelte/icons/leaf';
import LoaderPinwheel from '@lucide/svelte/icons/loader-pinwheel';
import Mail from '@lucide/svelte/icons/mail';
import MessageCircle from '@lucide/svelte/icons/message-circle';
import Moon from '@lucide/svelte/icons/moon';
import MoveUp from '@lucide/svelte/icons/move-up';
import Origami from '@lucide/svelte/icons/origami';
import PawPrint from '@lucide/svelte/icons/paw-print';
import PersonStanding from '@lucide/svelte/icons/person-standing';
import Rabbit from '@lucide/svelte/icons/rabbit';
import RefreshCw from '@lucide/svelte/icons/refresh-cw';
import Rocket from '@lucide/svelte/icons/rocket';
import Sailboat from '@lucide/svelte/icons/sailboat';
import Ship from '@lucide/svelte/icons/ship';
import Snail from '@lucide/svelte/icons/snail';
import Soup from '@lucide/svelte/icons/soup';
import Sparkles from '@lucide/svelte/icons/sparkles';
import Sprout from '@lucide/svelte/icons/sprout';
import Star from '@lucide/svelte/icons/star';
import StretchHorizontal from '@lucide/svelte/icons/stretch-horizontal';
import Sun from '@lucide/svelte/icons/sun';
import Trees from '@lucide/svelte/icons/trees';
import Turtle from '@lucide/svelte/icons/turtle';
import Volleyball from '@lucide/svelte/icons/volleyball';
import Waves from '@lucide/svelte/icons/waves';
import Wheat from '@lucide/svelte/icons/wheat';
import Wind from '@lucide/svelte/icons/wind';

export type Icon = Component<{ size?: number | string; strokeWidth?: number }>;

/** What a picture word of a guise looks like. Until moves have drawn figures, the nearest icon. */
const BY_WORD: Readonly<Record<string, Icon>> = {
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

const BY_FAMILY: Readonly<Record<Move['family'], Icon>> = {
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
} satisfies Record<string, Icon>;

/** The picture for a move in a guise: its picture word's, else one of the move's own, else its family's. */
export function pictureFor(picture: string, move: Pick<Move, 'family' | 'pictureWords'>): Icon {
  const word = [picture.toLowerCase(), ...move.pictureWords].find((one) => one in BY_WORD);
  return word ? BY_WORD[word]! : BY_FAMILY[move.family];
}
