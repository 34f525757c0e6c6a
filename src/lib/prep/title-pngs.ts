import { strFromU8, unzipSync, zipSync } from 'fflate';

/** As films have them: 1920 to 1080. */
const [WIDE, HIGH] = [1920, 1080];

/** An SVG as PNG, painted by the browser. */
async function pngOf(svg: string): Promise<Uint8Array> {
  const image = new Image(WIDE, HIGH);
  image.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = new OffscreenCanvas(WIDE, HIGH);
  canvas.getContext('2d')!.drawImage(image, 0, 0, WIDE, HIGH);
  const blob = await canvas.convertToBlob({ type: 'image/png' });
  return new Uint8Array(await blob.arrayBuffer());
}

/** The pictures in a ZIP of SVG, each as PNG beside it. */
export async function withPngs(bytes: Uint8Array): Promise<Uint8Array> {
  const files = unzipSync(bytes);
  const all: Record<string, Uint8Array> = {};
  for (const [name, svg] of Object.entries(files)) {
    all[name] = svg;
    all[name.replace(/\.svg$/u, '.png')] = await pngOf(strFromU8(svg));
  }
  return zipSync(all, { level: 0 });
}
