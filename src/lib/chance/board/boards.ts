import type { DeviceKind } from '$core';
import type { Component } from 'svelte';
import type { BoardProps } from './board-props';
import CallRoom from './CallRoom.svelte';
import CoinSides from './CoinSides.svelte';
import DieNet from './DieNet.svelte';
import Tiles from './Tiles.svelte';
import WheelBoard from './WheelBoard.svelte';

/** How each device is drawn where it is worked on, one line each; null where there is nothing. */
export const BOARDS: Readonly<Record<DeviceKind, Component<BoardProps> | null>> = {
  die: DieNet,
  spinner: WheelBoard,
  coin: CoinSides,
  deck: Tiles,
  letters: Tiles,
  calls: CallRoom,
  leader: null,
  list: null,
};
