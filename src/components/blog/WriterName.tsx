import type { CardShown } from './PostCard';

/** Who wrote something, with the way to the others of their posts. */
export function WriterName({ writer: { name, address } }: { readonly writer: CardShown['writer'] }) {
  return address === null ? <bdi>{name}</bdi> : <a href={address}>{name}</a>;
}
