import type { Beat } from '$core';
import type { Component } from 'svelte';
import CircuitEditor from './circuit/CircuitEditor.svelte';
import DrinkEditor from './drink/DrinkEditor.svelte';
import ChainEditor from './chain/ChainEditor.svelte';
import DrawEditor from './draw/DrawEditor.svelte';
import EchoEditor from './echo/EchoEditor.svelte';
import type { EditorProps } from './editor-props';
import MoveEditor from './move/MoveEditor.svelte';
import RelayEditor from './relay/RelayEditor.svelte';
import SetupEditor from './setup/SetupEditor.svelte';
import TellEditor from './tell/TellEditor.svelte';

type Editors = { [Kind in Beat['kind']]: Component<EditorProps<Kind>> };

/** One line a beat kind. */
export const EDITORS: Editors = {
  tell: TellEditor,
  draw: DrawEditor,
  chain: ChainEditor,
  echo: EchoEditor,
  relay: RelayEditor,
  move: MoveEditor,
  circuit: CircuitEditor,
  drink: DrinkEditor,
  setup: SetupEditor,
};
