import { addressFrom } from '../posts/address';

/** The name of a class as that of a folder or a file. */
export function folderOf({
  title,
  groupName,
}: {
  readonly title: string;
  readonly groupName: string;
}): string {
  return addressFrom(`${title} ${groupName}`);
}
