/** The voice detector of WebRTC, compiled to WebAssembly; it brings no types of its own. */
declare module '@echogarden/fvad-wasm' {
  type Detector = number;
  export type Fvad = Readonly<{
    HEAP16: Int16Array;
    _malloc: (bytes: number) => number;
    _free: (pointer: number) => void;
    _fvad_new: () => Detector;
    _fvad_free: (detector: Detector) => void;
    _fvad_set_mode: (detector: Detector, mode: number) => number;
    _fvad_set_sample_rate: (detector: Detector, rate: number) => number;
    /** 1 for a voice, 0 for none, -1 for a frame of a length that it can't hear. */
    _fvad_process: (detector: Detector, samples: number, count: number) => number;
  }>;
  export default function fvad(options?: { locateFile?: (name: string) => string }): Promise<Fvad>;
}
