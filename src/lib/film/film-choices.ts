/** How a film is made, as the presenter chooses. */
export type FilmChoices = Readonly<{
  container: 'webm' | 'mp4';
  /** How high its picture is, in pixels; it is 16 to 9. */
  height: 720 | 1080;
  framesPerSecond: 25 | 30;
  captions: 'in the picture' | 'beside it';
  /** Room for a picture of the presenter. */
  corner: 'none' | 'green' | 'blurred';
  music: boolean;
}>;

export const USUAL_FILM: FilmChoices = {
  container: 'mp4',
  height: 720,
  framesPerSecond: 25,
  captions: 'in the picture',
  corner: 'none',
  music: true,
};

/** As wide as a screen. */
export const widthOf = (height: number) => Math.round((height * 16) / 9);

/** How many frames there are in so many seconds: the last may be a part of one. */
export const framesIn = (seconds: number, framesPerSecond: number) =>
  Math.max(1, Math.ceil(seconds * framesPerSecond - 1e-6));
