declare module 'fontkit';
declare module 'webvtt-parser' {
  type VttCue = Readonly<{ startTime: number; endTime: number; text: string }>;
  export class WebVTTParser {
    parse(
      text: string,
      kind: string,
    ): { cues: VttCue[]; errors: { message: string; line: number }[] };
  }
}
