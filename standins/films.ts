import { drawPicture } from '../demo/draw/picture';
import { page, type Answered, type Host } from './host';

const FILMS: Readonly<Record<string, string>> = {
  '1': 'A front comes in over the harbour',
  '2': 'How a rain gauge is read',
};

/** A host of short films with a page for each, a description by oEmbed 1.0, and a still picture. */
export const films: Host = async (path) => {
  const url = new URL(path, 'https://films.example');
  if (url.pathname.startsWith('/private')) return { status: 403, body: page('Private', '') };
  if (url.pathname === '/oembed') return description(url.searchParams.get('url') ?? '');
  const still = /^\/still\/(\w+)\.png$/.exec(url.pathname)?.[1];
  if (still && FILMS[still]) return { status: 200, type: 'image/png', body: await drawPicture('storm 5') };
  const film = /^\/film\/(\w+)$/.exec(url.pathname)?.[1];
  const title = film && FILMS[film];
  if (!title) return { status: 404, body: page('No such film', '') };
  const where = `/oembed?format=json&amp;url=${encodeURIComponent(`https://films.example/film/${film}`)}`;
  return {
    status: 200,
    body: page(title, '', `<link rel="alternate" type="application/json+oembed" href="${where}">`),
  };
};

function description(address: string): Answered {
  const film = /\/film\/(\w+)$/.exec(address)?.[1] ?? '';
  const title = FILMS[film];
  if (!title) return { status: 404 };
  const body = JSON.stringify({
    version: '1.0',
    type: 'video',
    title,
    provider_name: 'Quayside Films',
    thumbnail_url: `/still/${film}.png`,
    thumbnail_width: 640,
    thumbnail_height: 360,
  });
  return { status: 200, type: 'application/json', body };
}
