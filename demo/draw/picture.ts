import sharp from 'sharp';
import { drawInstrument, type Instrument } from './instrument';
import { drawSky, type Sky } from './sky';

/** A drawing by its name, such as `cirrus 3` or `barometer 7`: what it shows, and the seed. */
export type DrawingName = `${Sky | Instrument} ${number}`;

const SKIES: readonly string[] = ['cirrus', 'cumulus', 'stratus', 'storm', 'evening', 'halo'] satisfies Sky[];

/** The drawing as a PNG file. */
export async function drawPicture(name: DrawingName): Promise<Buffer> {
  const [kind = '', seed = ''] = name.split(' ');
  const svg = SKIES.includes(kind)
    ? drawSky(kind as Sky, Number(seed))
    : drawInstrument(kind as Instrument, Number(seed));
  return sharp(Buffer.from(svg)).png().toBuffer();
}
